<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\Photo;
use Core\Color\Sample;
use Core\Matching\Fingerprint;
use Core\Matching\Resemblance;
use Illuminate\Support\Facades\DB;

/** Which stored pictures are nearly the same one: found as each is measured, and kept. */
final class NearDoubles
{
    /** Pictures that are compared with a new one at most, those of the nearest fingerprints first. */
    private const MOST_COMPARED = 150;

    private const CHUNK = 1_000;

    public static function note(Photo $photo, PhotoLook $look): void
    {
        $rows = [];
        foreach (self::like($look, $photo->id) as $otherId => $difference) {
            $rows[] = ['photo_id' => min($photo->id, $otherId), 'other_id' => max($photo->id, $otherId), 'difference' => round($difference, 2)];
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
        $near = array_map(fn (float $mean): array => [$mean - Resemblance::MOST_OF_MEANS, $mean + Resemblance::MOST_OF_MEANS], $own->mean());
        $candidates = DB::table('photo_looks')->where('photo_id', '<>', $exceptId)->whereNotNull('sample')
            ->whereRaw('BIT_COUNT(bits ^ CONV(?, 16, 10)) <= ?', [$look->fingerprint->hex, Resemblance::MOST_BITS])
            ->whereBetween('mean_l', $near[0])->whereBetween('mean_a', $near[1])->whereBetween('mean_b', $near[2])
            ->orderByRaw('BIT_COUNT(bits ^ CONV(?, 16, 10))', [$look->fingerprint->hex])->limit(self::MOST_COMPARED)->pluck('sample', 'photo_id');
        $like = [];
        foreach ($candidates as $otherId => $sample) {
            $difference = $own->difference(Resemblance::of(Sample::ofBytes(Fingerprint::SIDE, Fingerprint::SIDE, $sample)));
            if ($difference <= Resemblance::SAME) {
                $like[(int) $otherId] = $difference;
            }
        }
        asort($like);

        return $like;
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
                foreach (DB::table('photo_twins')->whereIn($own, $chunk)->get([$own, $other]) as $row) {
                    $twins[(int) $row->{$own}][] = (int) $row->{$other};
                }
            }
        }

        return $twins;
    }
}
