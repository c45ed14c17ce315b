<?php

declare(strict_types=1);

namespace App\Store;

use App\Media\MediaKind;
use App\Models\PhotoState;
use App\Store\Library\ViewShelf;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Reads placements, with their photos, films and models, from their rows. */
final readonly class PlacementReader
{
    public function __construct(private ViewShelf $shelf) {}

    /**
     * @param  list<stdClass>  $rows
     * @param  array<int, stdClass>  $photos  by id
     * @return array<int, PlacementRow>
     */
    public function read(array $rows, array $photos): array
    {
        $placements = [];
        foreach ($rows as $row) {
            $photo = $photos[$row->photo_id];
            $placements[$row->id] = new PlacementRow(
                new Placement(
                    $row->id,
                    $row->file_name,
                    Clauses::decode($row->reach),
                    Clauses::decode($row->hidden),
                    $this->shelf->views()->find($row->view),
                    $row->roles === '[]'
                        ? []
                        : array_values(
                            array_map(Role::from(...), json_decode($row->roles, true, 8, JSON_THROW_ON_ERROR)),
                        ),
                    $row->alt_text,
                    MediaKind::ofType($photo->type) === MediaKind::Still,
                    $row->crop,
                    $row->photo_id,
                ),
                $row->position,
                $photo->sha256,
                PhotoState::from($photo->state),
                $photo->failure,
                $photo->width,
                $photo->height,
                $photo->bytes,
                $photo->type,
                $photo->duration_ms,
            );
        }

        return $placements;
    }

    /**
     * @param  list<int>  $placementIds
     * @return list<int> ids of the photos of those that are in the product
     */
    public static function photoIds(int $productId, array $placementIds): array
    {
        return array_values(
            DB::table('placements')
                ->where('product_id', $productId)
                ->whereIn('id', $placementIds)
                ->pluck('photo_id')
                ->all(),
        );
    }
}
