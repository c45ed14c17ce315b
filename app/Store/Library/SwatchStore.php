<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Ledger\Ledger;
use App\Media\DeriveCuts;
use App\Media\MediaKind;
use App\Models\LibraryValue;
use App\Models\Photo;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchPiece;
use Core\Gallery\Shape;
use Core\Refusal;
use Core\RefusalKind;

/** Writes swatches of the library, for every product that uses the values. */
final class SwatchStore
{
    /**
     * @param  array<int, ?Swatch>  $swatches  by value id; null for none
     * @return non-empty-array<int, LibraryValue> the values, by id, in the same order
     */
    public function store(Ledger $ledger, array $swatches): array
    {
        $values = $this->values(array_keys($swatches));
        $ledger->update('axis_values', array_map(SwatchColumns::of(...), $swatches));

        return $values;
    }

    /**
     * @param  list<int>  $valueIds  whose swatches are about to be given
     * @param  array<int, string>  $seen  value id => what was seen before as the library's, as stored; empty for none
     *
     * @throws Refusal where a value is gone, or has another swatch than was seen
     */
    public function refuseChanged(array $valueIds, array $seen): void
    {
        foreach (array_intersect_key($this->values($valueIds), $seen) as $id => $value) {
            if (($value->swatch ?? '') !== $seen[$id]) {
                throw new Refusal(
                    "The swatch of {$value->name} was changed in the library meanwhile. Look at the colors as they are" .
                        ' now.',
                    RefusalKind::Changed,
                    'values',
                );
            }
        }
    }

    /**
     * @param  list<int>  $ids
     * @return non-empty-array<int, LibraryValue> by id, in this order
     */
    private function values(array $ids): array
    {
        $values = LibraryValue::with('axis')->whereKey($ids)->lockForUpdate()->get()->keyBy('id')->all();
        $inOrder = [];
        foreach ($ids as $id) {
            $inOrder[$id] = $values[$id] ?? throw self::gone();
        }

        return $inOrder === [] ? throw self::gone() : $inOrder;
    }

    private static function gone(): Refusal
    {
        return new Refusal(
            'A value is not in the library any more. Look at the colors as they are now.',
            RefusalKind::Gone,
            'values',
        );
    }

    /**
     * Has the pieces of pictures cut that swatches show.
     *
     * @param  array<int, ?Swatch>  $swatches
     *
     * @throws Refusal where the picture of one is no still that is stored
     */
    public function cut(array $swatches): void
    {
        $pieces = array_filter(array_map(fn(?Swatch $swatch): ?SwatchPiece => $swatch?->piece, $swatches));
        $ids = array_map(fn(SwatchPiece $piece): int => $piece->photoId, $pieces);
        $types = $ids === [] ? [] : Photo::query()->whereKey($ids)->pluck('type', 'id')->all();
        foreach ($pieces as $piece) {
            $type = $types[$piece->photoId] ?? null;
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
