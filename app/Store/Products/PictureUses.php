<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Models\Product;
use App\Store\Clauses;
use App\Store\Library\ViewShelf;
use Core\Gallery\Roles\Role;
use Core\Reach\Wording;
use Illuminate\Support\Facades\DB;

/** Which products use pictures, and as what. */
final class PictureUses
{
    /** Uses of one picture that are told. */
    public const MOST = 50;

    /**
     * @param  list<int>  $photoIds
     * @return array<int, non-empty-list<PictureUse>> by photo id; nothing for a picture that no product has
     */
    public static function of(array $photoIds): array
    {
        $rows = DB::table('placements')
            ->join('products', 'products.id', '=', 'placements.product_id')
            ->whereIn('placements.photo_id', $photoIds)
            ->orderBy('products.name')
            ->orderBy('placements.id')
            ->limit(self::MOST * max(1, count($photoIds)))
            ->get([
                'placements.photo_id',
                'placements.product_id',
                'placements.file_name',
                'placements.reach',
                'placements.view',
                'placements.roles',
                'products.code',
                'products.name',
                'products.removed_at',
            ]);
        $products = Product::query()
            ->whereKey($rows->pluck('product_id')->unique()->values()->all())
            ->get();
        $matrices = app(ProductLoader::class)->matrices(array_values($products->all()));
        $views = app(ViewShelf::class)->views();
        $uses = [];
        foreach ($rows as $row) {
            $reach = Clauses::decode($row->reach);
            $uses[(int) $row->photo_id][] = new PictureUse(
                $row->code,
                $row->name,
                $row->file_name,
                $reach->activeIn($matrices[$row->product_id])->isNothing()
                    ? 'not linked'
                    : (new Wording())->say($reach, $matrices[$row->product_id]),
                $views->find($row->view)->name ?? '',
                array_values(
                    array_map(
                        fn(string $role): string => Role::from($role)->label(),
                        json_decode($row->roles, true, 2, JSON_THROW_ON_ERROR),
                    ),
                ),
                $row->removed_at !== null,
            );
        }

        return $uses;
    }
}
