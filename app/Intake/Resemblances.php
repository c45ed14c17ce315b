<?php

declare(strict_types=1);

namespace App\Intake;

use App\Media\Looks\NearDoubles;
use App\Media\Looks\PhotoLook;
use App\Store\Clauses;
use App\Store\Library\ViewShelf;
use Core\Matching\Fingerprints\Resembled;
use Core\Matching\SeenPicture;
use Illuminate\Support\Facades\DB;

/** Which pictures of products others are nearly the same as. */
final class Resemblances
{
    private const CHUNK = 1_000;

    public function __construct(private readonly ViewShelf $shelf) {}

    /** The picture of a product that one with this look is nearly the same as. */
    public function of(PhotoLook $look): ?Resembled
    {
        return $this->ofPhotos([0 => array_keys(NearDoubles::like($look))])[0] ?? null;
    }

    /**
     * @param  array<int, list<int>>  $twins  photo id => photos that are nearly the same
     * @return array<int, Resembled> photo id => the first of them that a product has linked
     */
    public function ofPhotos(array $twins): array
    {
        $found = [];
        foreach (array_chunk(array_values(array_unique(array_merge(...array_values($twins)))), self::CHUNK) as $chunk) {
            $rows = DB::table('placements')
                ->join('products', 'products.id', '=', 'placements.product_id')
                ->whereNull('products.removed_at')
                ->whereIn('placements.photo_id', $chunk)
                ->where('placements.reach', '<>', '[]')
                ->orderByDesc('placements.id')
                ->get([
                    'placements.photo_id',
                    'placements.product_id',
                    'placements.reach',
                    'placements.view',
                    'placements.file_name',
                ]);
            foreach ($rows as $row) {
                $found[(int) $row->photo_id] = new Resembled(
                    $row->product_id,
                    Clauses::decode($row->reach),
                    $this->shelf->views()->find($row->view),
                    $row->file_name,
                );
            }
        }
        $resembled = [];
        foreach ($twins as $photoId => $others) {
            foreach ($others as $otherId) {
                if (isset($found[$otherId])) {
                    $resembled[$photoId] ??= $found[$otherId];
                }
            }
        }

        return $resembled;
    }

    /**
     * @param  array<array-key, SeenPicture>  $seen
     * @return list<int> ids of the products whose pictures they resemble
     */
    public static function products(array $seen): array
    {
        return array_values(
            array_unique(array_filter(array_map(fn(SeenPicture $one): ?int => $one->resembles?->productId, $seen))),
        );
    }
}
