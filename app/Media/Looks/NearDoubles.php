<?php

declare(strict_types=1);

namespace App\Media\Looks;

use App\Models\Photo;
use Core\Color\Measuring\Sample;
use Core\Matching\Fingerprints\Fingerprint;
use Core\Matching\Fingerprints\Resemblance;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Which stored pictures are nearly the same one: found as each is measured, and kept. */
final class NearDoubles
{
    /** Pictures that are compared with a new one at most, those of the nearest fingerprints first. */
    private const MOST_COMPARED = 24;

    private const CHUNK = 1_000;

    public static function note(Photo $photo, PhotoLook $look): void
    {
        $rows = [];
        foreach (self::like($look, $photo->id) as $otherId => $difference) {
            $rows[] = [
                'photo_id' => min($photo->id, $otherId),
                'other_id' => max($photo->id, $otherId),
                'difference' => round($difference, 2),
            ];
        }
        DB::table('photo_twins')->upsert($rows, ['photo_id', 'other_id']);
    }

    /** @return array<int, float> photo id => how far from being the same picture, the nearest first */
    public static function like(PhotoLook $look, int $exceptId = 0): array
    {
        if ($look->pressed === null) {
            return [];
        }
        $own = Resemblance::of($look->pressed);
        $candidates = self::candidates($own, Fingerprint::of($look->pressed->mirrored()), $exceptId)
            ->limit(self::MOST_COMPARED)
            ->pluck('sample', 'photo_id');
        $like = [];
        foreach ($candidates as $otherId => $sample) {
            $difference = $own->difference(
                Resemblance::of(Sample::ofBytes(Fingerprint::SIDE, Fingerprint::SIDE, $sample)),
            );
            if ($difference <= Resemblance::SAME) {
                $like[(int) $otherId] = $difference;
            }
        }
        asort($like);

        return $like;
    }

    /** Pictures whose fingerprint, or that of a cut of either, is nearly the same, or mirrored; the nearest first. */
    private static function candidates(Resemblance $own, Fingerprint $mirrored, int $exceptId): Builder
    {
        $prints = $own->prints();
        // Bits that differ, each with what its kind may differ less than whole pictures may.
        $bits = ['BIT_COUNT(bits ^ CONV(?, 16, 10)) + ' . (Resemblance::MOST_BITS - Resemblance::MOST_BITS_MIRRORED)];
        $hexes = [$mirrored->hex];
        foreach ($prints as $cut => $print) {
            $less = $cut === 'all' ? 0 : Resemblance::MOST_BITS - Resemblance::MOST_BITS_CUT;
            array_push(
                $bits,
                'BIT_COUNT(' . PhotoLooks::bitsOf($cut) . " ^ CONV(?, 16, 10)) + {$less}",
                "BIT_COUNT(bits ^ CONV(?, 16, 10)) + {$less}",
            );
            array_push($hexes, $prints['all']->hex, $print->hex);
        }
        $least = 'LEAST(' . implode(', ', $bits) . ')';
        $query = DB::table('photo_looks')->where('photo_id', '<>', $exceptId)->whereNotNull('sample');
        foreach (['mean_l', 'mean_a', 'mean_b'] as $at => $column) {
            $most = Resemblance::MOST_OF_MEANS[$at];
            $query->whereBetween($column, [$own->mean()[$at] - $most, $own->mean()[$at] + $most]);
        }

        return $query->whereRaw("{$least} <= ?", [...$hexes, Resemblance::MOST_BITS])->orderByRaw($least, $hexes);
    }

    /**
     * @param  list<int>  $photoIds
     * @return array<int, list<int>> photo id => photos that are nearly the same
     */
    public static function of(array $photoIds): array
    {
        $twins = [];
        foreach (array_chunk($photoIds, self::CHUNK) as $chunk) {
            foreach ([['photo_id', 'other_id'], ['other_id', 'photo_id']] as [$own, $other]) {
                foreach (
                    DB::table('photo_twins')
                        ->whereIn($own, $chunk)
                        ->get([$own, $other])
                    as $row
                ) {
                    $twins[(int) $row->{$own}][] = (int) $row->{$other};
                }
            }
        }

        return $twins;
    }
}
