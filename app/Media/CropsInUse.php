<?php

declare(strict_types=1);

namespace App\Media;

use Core\Color\Swatches\Swatch;
use Core\Gallery\Crop;
use Core\Gallery\Shape;
use Illuminate\Support\Facades\DB;

/** Which cuts of pictures something uses: a placement, a banner or a swatch. No other is made, and no other is kept. */
final readonly class CropsInUse
{
    /** @param  array<string, true>  $kept  keys of what is used */
    private function __construct(private array $kept) {}

    /**
     * Asked in as many queries whatever the number of pictures.
     *
     * @param  list<int>  $photoIds
     */
    public static function of(array $photoIds): self
    {
        $kept = [];
        foreach (['placements', 'banners'] as $table) {
            foreach (
                DB::table($table)
                    ->whereIn('photo_id', $photoIds)
                    ->distinct()
                    ->get(['photo_id', 'crop'])
                as $row
            ) {
                // Before somebody has chosen a focus, a picture is shown from its middle.
                $kept[self::key((int) $row->photo_id, false, '')] = true;
                $kept[self::key((int) $row->photo_id, false, (string) $row->crop)] = true;
            }
        }
        foreach (['axis_values', 'product_values'] as $table) {
            foreach (
                DB::table($table)
                    ->whereIn('swatch_photo_id', $photoIds)
                    ->distinct()
                    ->get(['swatch_photo_id', 'swatch'])
                as $row
            ) {
                $frame = Swatch::read((string) $row->swatch)->piece->frame ?? '';
                $kept[self::key((int) $row->swatch_photo_id, true, Crop::fromKey($frame)->key())] = true;
            }
        }

        return new self($kept);
    }

    public function has(int $photoId, Shape $shape, Crop $crop): bool
    {
        return isset($this->kept[self::key($photoId, $shape === Shape::Chip, $crop->key())]);
    }

    private static function key(int $photoId, bool $isSwatch, string $crop): string
    {
        return "{$photoId} " . ($isSwatch ? 'swatch' : 'picture') . " {$crop}";
    }
}
