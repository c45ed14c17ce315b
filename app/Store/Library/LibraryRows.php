<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Ledger\Ledger;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use Core\Changes\Matrix\ReadAxis;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Value;
use Core\Text\Name;

/** Writes axes and values of the library, through a ledger. */
final class LibraryRows
{
    /**
     * The axes and values that typed axes need and that the library does not have, made along with a change of a
     * product: undone with it, where nobody else uses them by then.
     *
     * @param  list<ReadAxis>  $read
     */
    public function addMissing(Ledger $ledger, array $read): void
    {
        foreach ($read as $axis) {
            $axisId = $axis->isNew()
                ? $ledger->insertShared('axes', [
                    'name' => $axis->axis->name,
                    'folded' => Name::of($axis->axis->name)->folded,
                    'kind' => $axis->axis->kind->value,
                    'changes_picture' => (int) $axis->axis->changesPicture,
                    'display' => $axis->axis->display->value,
                ])
                : $axis->axis->id;
            $position = $axis->newValues() === [] ? 0 : $this->lastPosition($axisId);
            foreach ($axis->axis->values as $value) {
                if ($value->id < 0) {
                    $ledger->insertShared(
                        'axis_values',
                        $this->row($axisId, $value, $axis->swatches[$value->id], ++$position),
                    );
                }
            }
        }
    }

    /**
     * Values that somebody adds to the library itself.
     *
     * @param  list<Value>  $values
     * @param  array<int, ?Swatch>  $swatches  by value id
     */
    public function add(Ledger $ledger, LibraryAxis $axis, array $values, array $swatches): void
    {
        $position = $this->lastPosition($axis->id);
        foreach ($values as $value) {
            $ledger->insert('axis_values', $this->row($axis->id, $value, $swatches[$value->id] ?? null, ++$position));
        }
    }

    private function lastPosition(int $axisId): int
    {
        return (int) LibraryValue::query()->where('axis_id', $axisId)->max('position');
    }

    /** @return array<string, mixed> */
    private function row(int $axisId, Value $value, ?Swatch $swatch, int $position): array
    {
        return [
            'axis_id' => $axisId,
            'name' => $value->label,
            'folded' => Name::of($value->label)->folded,
            'code' => $value->code,
            'position' => $position,
        ] + SwatchColumns::of($swatch);
    }
}
