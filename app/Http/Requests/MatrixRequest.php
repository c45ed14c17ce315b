<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use App\Http\Bounds\RowBound;
use App\Http\Bounds\TextBound;
use Core\Changes\Matrix\DraftAxis;

/** Axes and values as they are typed, rules for cells, and how the board is laid out. */
final class MatrixRequest extends ProductRequest
{
    use ReadsMatrixChoices;

    /** Characters of the values of one axis as they are typed, and as rows of them travel. */
    private const LONGEST_VALUES = 200_000;

    private const LONGEST_ROWS = 1_000_000;

    protected function ownRules(): array
    {
        $short = new TextBound(100);
        $row = new RowBound([
            'name' => new TextBound(1_000),
            'axis' => $short,
            'dragged' => $short,
            'pictures' => $short,
            'values' => new TextBound(self::LONGEST_VALUES),
            'items' => new TextBound(self::LONGEST_ROWS),
        ]);

        return $this->choiceRules() + [
            'axes' => ['nullable', 'array', new ListBound(self::MOST_AXES, $row)],
            'rule' => ['nullable', 'array', new ListBound(self::MOST_AXES, ListBound::ofTexts(10_000, 20))],
            'add' => self::TEXT,
            'order' => self::TEXT,
            'place' => self::CHOICE,
            'without' => self::ID,
            'drop' => self::ID,
            'fact' => self::ID,
            'again' => self::YES,
            'folded' => self::YES,
        ];
    }

    /** @return list<DraftAxis> as the form shows them: a row is there before anything stands in it */
    public function rows(): array
    {
        return DraftAxis::fromForm($this->fields('axes'));
    }

    /** @return list<DraftAxis> */
    public function drafts(): array
    {
        return array_values(array_filter($this->rows(), fn(DraftAxis $axis): bool => !$axis->isBlank()));
    }

    /**
     * A rule as checked boxes.
     *
     * @return array<int, list<int>> axis id => value ids
     */
    public function ruleValues(): array
    {
        return array_map(
            fn(mixed $ids): array => array_values(array_map(intval(...), array_filter((array) $ids))),
            $this->byId('rule'),
        );
    }
}
