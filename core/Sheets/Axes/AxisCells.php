<?php

declare(strict_types=1);

namespace Core\Sheets\Axes;

use Core\Changes\Catalog;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftReader;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\ReadAxis;
use Core\CoreException;
use Core\Matrix\Axis;
use Core\Matrix\Typed\NearMiss;
use Core\Product\Product;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Reading\ProblemKind;
use Core\Sheets\Reading\Problems;
use Core\Sheets\Reading\SheetTerms;
use Core\Sizes\SizeOrder;
use Core\Text\Name;

/**
 * Reads the axes of a product out of the rows of a sheet: those it has, and those that a column says values of. What it
 * has and the sheet does not name stays.
 */
final readonly class AxisCells
{
    public function __construct(
        private Catalog $catalog,
        private Product $product,
        private SheetTerms $terms,
        private Problems $problems,
    ) {}

    /** @throws CoreException where the axes cannot be read at all */
    public function read(GivenProduct $given): ReadAxes
    {
        $fields = [];
        foreach ($given->fields(FieldKind::Axis) as $field) {
            $isSaid = array_filter($given->rows, fn(GivenRow $row): bool => $this->says($row, $field)) !== [];
            if ($isSaid) {
                $fields[Name::of($field->name)->folded] = $field;
            }
        }
        $own = $this->own($fields, $given);
        if ($own !== null) {
            return $own;
        }
        $said =
            $this->product->matrix->axes === [] && $this->product->matrix->sleeping === []
                ? $this->inWords($fields, $given)
                : null;
        $known = $said === null ? null : $this->terms->axes->of($said);
        if ($known !== null) {
            return $known;
        }
        $read = $this->typed($fields, $given);
        if ($said !== null && $read->areKnown()) {
            $this->terms->axes->keep($said, $read);
        }

        return $read;
    }

    /**
     * The axes as they are, where the rows name no other axis, and no value that the product does not call just so.
     *
     * @param  array<string, Field>  $fields  by folded name of the axis
     */
    private function own(array $fields, GivenProduct $given): ?ReadAxes
    {
        $ids = $values = [];
        foreach ($this->product->matrix->axes as $axis) {
            $field = $fields[Name::of($axis->name)->folded] ?? null;
            if ($field !== null) {
                $ids[$field->key()] = $axis->id;
                $values[$axis->id] = array_column($axis->values, 'id', 'label');
            }
        }
        if ($ids === [] || count($ids) < count($fields)) {
            return null;
        }
        foreach ($fields as $field) {
            $labels = $values[$ids[$field->key()]];
            foreach ($given->rows as $row) {
                $text = $row->text($field);
                if (!isset($labels[$text]) && $this->says($row, $field)) {
                    return null;
                }
            }
        }

        return new ReadAxes($this->product->matrix->axes, [], $ids, $values);
    }

    /**
     * What the rows say of axes, the same for all products that are to have the same.
     *
     * @param  array<string, Field>  $fields  by folded name of the axis
     */
    private function inWords(array $fields, GivenProduct $given): string
    {
        $said = [];
        foreach ($fields as $field) {
            $texts = [];
            foreach ($given->rows as $row) {
                $texts[$row->text($field)] ??= true;
            }
            $said[] = [$field->name, ...array_map(strval(...), array_keys($texts))];
        }

        return json_encode($said, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /**
     * The axes of the product with those that the rows name, held against the library.
     *
     * @param  array<string, Field>  $fields  by folded name of the axis
     *
     * @throws CoreException
     */
    private function typed(array $fields, GivenProduct $given): ReadAxes
    {
        $drafts = $named = [];
        foreach ($this->product->matrix->axes as $axis) {
            $folded = Name::of($axis->name)->folded;
            $drafts[] = $this->draft($axis, $fields[$folded] ?? null, $given);
            $named[] = $fields[$folded] ?? null;
            unset($fields[$folded]);
        }
        foreach ($fields as $field) {
            $drafts[] = $this->draft(null, $field, $given);
            $named[] = $field;
        }
        $read = (new DraftReader($this->catalog))->read($drafts, $this->product);
        $ids = $values = [];
        foreach ($read as $at => $axis) {
            if ($named[$at] !== null) {
                $ids[$named[$at]->key()] = $axis->axis->id;
                $values[$axis->axis->id] = $this->valuesByText($axis);
                $this->refuseNear($axis, $named[$at], $given);
            }
        }

        return new ReadAxes(array_map(fn(ReadAxis $axis): Axis => $axis->axis, $read), $read, $ids, $values);
    }

    private function says(GivenRow $row, Field $field): bool
    {
        return !in_array(mb_strtolower($row->text($field)), ['', GivenRow::NONE], true);
    }

    private function draft(?Axis $own, ?Field $field, GivenProduct $given): DraftAxis
    {
        $values = array_map(DraftValue::of(...), $own->values ?? []);
        array_push($values, ...$field === null ? [] : $this->called($field, $given));

        return new DraftAxis(
            $own === null ? (string) $field?->name : '',
            '',
            $this->keepsOrder($own),
            null,
            $own?->id,
            $values,
        );
    }

    /** @return list<DraftValue> each once, in the order of the rows */
    private function called(Field $field, GivenProduct $given): array
    {
        $values = [];
        foreach ($given->rows as $row) {
            if ($this->says($row, $field)) {
                $values[Name::of($row->text($field))->folded] ??= DraftValue::called($row->text($field));
            }
        }

        return array_values($values);
    }

    /** New sizes take their place among the others, unless the product has an order of its own or the sheet is ours. */
    private function keepsOrder(?Axis $own): bool
    {
        $labels = array_column($own->values ?? [], 'label');

        return $own === null ? $this->terms->isOurs : (new SizeOrder())->sort($labels) !== $labels;
    }

    /** @return array<string, int> folded text => value id */
    private function valuesByText(ReadAxis $axis): array
    {
        $byLabel = $asShown = [];
        foreach ($axis->axis->values as $value) {
            $name = Name::of($value->label);
            $byLabel[$name->folded] = $value->id;
            $asShown[$name->shown] = $value->id;
        }
        $byText = $byLabel;
        foreach ($axis->read->doubles as $double) {
            $byText[Name::of($double->typed)->folded] ??= $byLabel[Name::of($double->kept)->folded];
        }
        foreach ($axis->read->otherWords as $word) {
            $byText[Name::of($word->typed)->folded] ??= $byLabel[Name::of($word->known)->folded];
        }

        // No two values have names that fold alike: what is shown is never the folded name of another.
        return $byText + $asShown;
    }

    private function refuseNear(ReadAxis $axis, Field $field, GivenProduct $given): void
    {
        $near = [];
        foreach ($axis->read->nearMisses as $miss) {
            $near[Name::of($miss->typed)->folded] = $miss;
        }
        $isNew = array_flip(array_map(fn(string $label): string => Name::of($label)->folded, $axis->newValues()));
        foreach ($given->rows as $row) {
            $text = $row->text($field);
            $miss = $near[Name::of($text)->folded] ?? null;
            $isConfirmed = isset($this->terms->confirmed[SheetTerms::confirmation($field->key(), $text)]);
            if ($miss !== null && isset($isNew[Name::of($text)->folded]) && !$isConfirmed) {
                $this->problems->add($row, $field, ProblemKind::Near, $this->nearWords($miss, $axis), $miss->known);
            }
        }
        if ($axis->near !== null && !isset($this->terms->confirmed[SheetTerms::confirmation('axis', $field->name)])) {
            $this->problems->add(
                $given->rows[0],
                $field,
                ProblemKind::Near,
                "The library has no axis {$field->name}, and one called nearly so: {$axis->near}. Say which is meant.",
                $axis->near,
            );
        }
    }

    private function nearWords(NearMiss $miss, ReadAxis $axis): string
    {
        return "“{$miss->typed}” is new to {$axis->axis->name}, and nearly {$miss->known}. Take {$miss->known}, or say " .
            'that it is new.';
    }
}
