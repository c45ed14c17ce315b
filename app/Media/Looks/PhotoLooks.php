<?php

declare(strict_types=1);

namespace App\Media\Looks;

use App\Models\Photo;
use App\Models\PhotoState;
use Core\Color\Measuring\ColorShare;
use Core\Color\Measuring\PictureColors;
use Core\Color\Measuring\Sample;
use Core\Color\Srgb;
use Core\Matching\Fingerprints\Fingerprint;
use Core\Matching\Fingerprints\Resemblance;
use Core\Matching\Shoots\ShotLook;
use Illuminate\Contracts\Database\Query\Expression;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Keeps what was measured of pictures, beside them. */
final class PhotoLooks
{
    /** The way in which pictures are measured now; another where it finds other colors, or other doubles. */
    public const MEASURED_BY = 2;

    private const CHUNK = 1_000;

    /** Columns that say a picture's colors. */
    private const COLORS = ['photo_id', 'background', 'evenness', 'filled', 'colors', 'doubt'];

    public static function keep(Photo $photo, PhotoLook $look): void
    {
        $resemblance = $look->pressed === null ? null : Resemblance::of($look->pressed);
        [$lightness, $a, $b] = $resemblance?->mean() ?? [0.0, 0.0, 0.0];
        DB::table('photo_looks')->upsert(
            [
                [
                    'photo_id' => $photo->id,
                    ...self::columns($look->colors),
                    'fingerprint' => $look->fingerprint->hex,
                    ...self::prints($resemblance, $look->fingerprint),
                    'sharpness' => $look->sharpness,
                    'mean_l' => round($lightness, 1),
                    'mean_a' => round($a, 1),
                    'mean_b' => round($b, 1),
                    'sample' => $look->pressed?->bytes(),
                ],
            ],
            'photo_id',
        );
    }

    /**
     * What is measured anew of a picture.
     *
     * @param  ?PictureColors  $colors  null where the picture could not be read for it
     */
    public static function correct(int $photoId, ?PictureColors $colors): void
    {
        $row = DB::table('photo_looks')
            ->where('photo_id', $photoId)
            ->first(['sample', 'fingerprint']);
        if ($row === null) {
            return;
        }
        $pressed = $row->sample === null ? null : Sample::ofBytes(Fingerprint::SIDE, Fingerprint::SIDE, $row->sample);
        $resemblance = $pressed === null ? null : Resemblance::of($pressed);
        DB::table('photo_looks')
            ->where('photo_id', $photoId)
            ->update([
                ...$colors === null ? ['measured_by' => self::MEASURED_BY] : self::columns($colors),
                ...self::prints($resemblance, Fingerprint::fromHex($row->fingerprint)),
            ]);
    }

    /** The column that has the fingerprint of a cut. */
    public static function bitsOf(string $cut): string
    {
        return $cut === 'all' ? 'bits' : 'bits_' . str_replace(' ', '_', $cut);
    }

    /** @return array<string, Expression> */
    private static function prints(?Resemblance $resemblance, Fingerprint $own): array
    {
        $bits = [];
        foreach (['all' => $own] + ($resemblance?->prints() ?? []) as $cut => $print) {
            $bits[self::bitsOf($cut)] = DB::raw("CONV('{$print->hex}', 16, 10)");
        }

        return $bits;
    }

    /** @return list<int> ids of some ready pictures that were measured in an earlier way */
    public static function outdated(int $most): array
    {
        return array_values(
            DB::table('photo_looks')
                ->join('photos', 'photos.id', '=', 'photo_looks.photo_id')
                ->where('photo_looks.measured_by', '<', self::MEASURED_BY)
                ->where('photos.state', PhotoState::Ready->value)
                ->orderBy('photo_looks.photo_id')
                ->limit($most)
                ->pluck('photo_looks.photo_id')
                ->all(),
        );
    }

    /** @return array<string, mixed> */
    private static function columns(PictureColors $colors): array
    {
        $shares = array_map(
            fn(ColorShare $share): array => [$share->color->hex(), round($share->share, 4)],
            $colors->colors,
        );

        return [
            'background' => $colors->background->hex(),
            'evenness' => round($colors->evenness, 4),
            'filled' => round($colors->filled, 4),
            'colors' => json_encode($shares, JSON_THROW_ON_ERROR),
            'doubt' => $colors->doubt,
            'measured_by' => self::MEASURED_BY,
        ];
    }

    /**
     * @param  list<int>  $photoIds
     * @return array<int, PhotoLook> by photo id; those that have been measured
     */
    public static function of(array $photoIds): array
    {
        $looks = [];
        foreach (array_chunk($photoIds, self::CHUNK) as $chunk) {
            foreach (
                DB::table('photo_looks')
                    ->whereIn('photo_id', $chunk)
                    ->get([...self::COLORS, 'fingerprint', 'sharpness'])
                as $row
            ) {
                $looks[(int) $row->photo_id] = new PhotoLook(
                    self::colors($row),
                    Fingerprint::fromHex($row->fingerprint),
                    (float) $row->sharpness,
                );
            }
        }

        return $looks;
    }

    /**
     * As pictures of a shoot look.
     *
     * @param  list<int>  $photoIds
     * @return array<int, ShotLook> by photo id; those that have been measured
     */
    public static function shots(array $photoIds): array
    {
        $looks = [];
        foreach (array_chunk($photoIds, self::CHUNK) as $chunk) {
            $rows = DB::table('photo_looks')
                ->whereIn('photo_id', $chunk)
                ->whereNotNull('sample')
                ->get([...self::COLORS, 'sample']);
            foreach ($rows as $row) {
                $looks[(int) $row->photo_id] = ShotLook::of(
                    self::colors($row),
                    Sample::ofBytes(Fingerprint::SIDE, Fingerprint::SIDE, $row->sample),
                );
            }
        }

        return $looks;
    }

    private static function colors(stdClass $row): PictureColors
    {
        /** @var list<array{string, float}> $shares */
        $shares = json_decode($row->colors, true, flags: JSON_THROW_ON_ERROR);

        return new PictureColors(
            Srgb::fromHex($row->background),
            (float) $row->evenness,
            (float) $row->filled,
            array_map(fn(array $share): ColorShare => new ColorShare(Srgb::fromHex($share[0]), $share[1]), $shares),
            $row->doubt,
        );
    }

    public static function isThere(Photo $photo): bool
    {
        return DB::table('photo_looks')->where('photo_id', $photo->id)->whereNotNull('sample')->exists();
    }
}
