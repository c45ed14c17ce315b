<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Ledger\Ledger;
use App\Media\DeriveCuts;
use App\Media\MediaKind;
use App\Models\LibraryValue;
use App\Models\Photo;
use App\Store\SwatchColumns;
use Core\Color\Swatch;
use Core\Color\SwatchPiece;
use Core\Gallery\Shape;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;

/** Writes swatches: the library's, for every product that uses the values, or a product's own. */
final class SwatchStore
{
    /**
     * @param  array<int, ?Swatch>  $swatches  by value id; null for none, of its own as the library has it
     * @param  ?int  $ownerId  the product whose own they are; null for the library's
     * @param  array<int, string>  $seen  value id => what was seen before as the library's, as stored; empty for none
     * @return non-empty-array<int, LibraryValue> the values, by id, in the same order
     */
    public function store(Ledger $ledger, array $swatches, ?int $ownerId, array $seen = []): array
    {
        $values = LibraryValue::with('axis')->whereKey(array_keys($swatches))->lockForUpdate()->get()->keyBy('id')->all();
        if ($swatches === [] || count($values) < count($swatches)) {
            throw new Refusal(
                'A value is not in the library any more. Look at the colors as they are now.',
                RefusalKind::Gone,
                'values',
            );
        }
        foreach ($seen as $id => $text) {
            if (isset($values[$id]) && ($values[$id]->swatch ?? '') !== $text) {
                throw new Refusal(
                    "The swatch of {$values[$id]->name} was changed in the library meanwhile. Look at the colors as they are now.",
                    RefusalKind::Changed,
                    'values',
                );
            }
        }
        $this->cut($swatches);
        if ($ownerId === null) {
            $ledger->update('axis_values', array_map(SwatchColumns::of(...), $swatches));
        } else {
            $rows = DB::table('product_values')->where('product_id', $ownerId)->whereIn('value_id', array_keys($swatches))->pluck('value_id', 'id')->all();
            if (count($rows) < count($swatches)) {
                throw new Refusal(
                    'The product does not have a value any more. Look at its colors as they are now.',
                    RefusalKind::Gone,
                    'values',
                );
            }
            $ledger->update('product_values', array_map(fn (int $valueId): array => SwatchColumns::of($swatches[$valueId]), $rows));
        }

        $inOrder = [];
        foreach (array_keys($swatches) as $id) {
            $inOrder[$id] = $values[$id];
        }

        return $inOrder;
    }

    /**
     * Lets a product follow the library in these values.
     *
     * @param  list<int>  $valueIds
     */
    public function follow(Ledger $ledger, int $productId, array $valueIds): void
    {
        $rows = DB::table('product_values')->where('product_id', $productId)->whereIn('value_id', $valueIds)->whereNotNull('swatch')->pluck('id')->all();
        $ledger->update('product_values', array_fill_keys($rows, SwatchColumns::of(null)));
    }

    /** @param  array<int, ?Swatch>  $swatches */
    private function cut(array $swatches): void
    {
        $pieces = array_filter(array_map(fn (?Swatch $swatch): ?SwatchPiece => $swatch?->piece, $swatches));
        $photos = $pieces === [] ? [] : Photo::query()->whereKey(array_map(fn (SwatchPiece $piece): int => $piece->photoId, $pieces))->pluck('type', 'id')->all();
        foreach ($pieces as $piece) {
            $type = $photos[$piece->photoId] ?? null;
            if ($type === null || MediaKind::ofType($type) !== MediaKind::Still) {
                throw new Refusal(
                    'The picture of a swatch has to be a still that is stored. Choose another.',
                    RefusalKind::Gone,
                    'photo',
                );
            }
            DeriveCuts::dispatch($piece->photoId, $piece->frame, Shape::Chip)->afterCommit();
        }
    }
}
