<?php

declare(strict_types=1);

namespace Core\Sheets\Axes;

use Core\Changes\Matrix\ReadAxis;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Sheets\Reading\GivenRow;
use Core\Text\Name;

/** The axes that a product has after a sheet, and which value each cell means. */
final readonly class ReadAxes
{
    /**
     * @param  list<Axis>  $axes  in the product's order; new ones and new values have ids below zero
     * @param  list<ReadAxis>  $read  how they were read; none where the product has them all already
     * @param  array<string, int>  $ids  key of the field => id of its axis
     * @param  array<int, array<string, int>>  $values  axis id => text, folded or as it is typed => value id
     */
    public function __construct(public array $axes, public array $read, private array $ids, private array $values) {}

    /** Whether the library has all of them, and nobody is to be asked about a name. */
    public function areKnown(): bool
    {
        foreach ($this->read as $axis) {
            if ($axis->isNew() || $axis->newValues() !== [] || $axis->near !== null || $axis->read->nearMisses !== []) {
                return false;
            }
        }

        return true;
    }

    /** The axis that a field is about; null where the product does not have it. */
    public function axisId(string $fieldKey): ?int
    {
        return $this->ids[$fieldKey] ?? null;
    }

    public function valueId(int $axisId, string $text): ?int
    {
        // As it mostly stands there already: folding costs more than looking.
        return $this->values[$axisId][$text] ?? ($this->values[$axisId][Name::of($text)->folded] ?? null);
    }

    /** What a row chooses on the axes that it says something of. */
    public function chosen(GivenRow $row): Combination
    {
        $chosen = [];
        foreach ($this->ids as $key => $axisId) {
            $valueId = $this->valueId($axisId, $row->cells[$key] ?? '');
            if ($valueId !== null) {
                $chosen[$axisId] = $valueId;
            }
        }

        return Combination::of($chosen);
    }
}
