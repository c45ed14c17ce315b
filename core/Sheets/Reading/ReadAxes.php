<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Changes\Matrix\ReadAxis;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Text\Name;

/** The axes that a product has after a sheet, and which value each cell means. */
final readonly class ReadAxes
{
    /**
     * @param  list<ReadAxis>  $read  in the product's order; new axes and values have ids below zero
     * @param  array<string, int>  $ids  key of the field => id of its axis
     * @param  array<int, array<string, int>>  $values  axis id => folded text => value id
     */
    public function __construct(public array $read, private array $ids, private array $values) {}

    /** @return list<Axis> */
    public function axes(): array
    {
        return array_map(fn(ReadAxis $axis): Axis => $axis->axis, $this->read);
    }

    /** The axis that a field is about; null where the product does not have it. */
    public function axisId(string $fieldKey): ?int
    {
        return $this->ids[$fieldKey] ?? null;
    }

    public function valueId(int $axisId, string $text): ?int
    {
        return $this->values[$axisId][Name::of($text)->folded] ?? null;
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
