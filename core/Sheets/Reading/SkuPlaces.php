<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Sheets\Axes\ReadAxes;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;

/** Finds the cell of each row: by the values that it says, else by the code of its SKU. */
final class SkuPlaces
{
    /** @var array<string, Sku> by code in upper case */
    private array $byCode = [];

    /** @var array<string, Sku> by key of the cell: on offer, else retired there */
    private array $byCell = [];

    private readonly Field $code;

    public function __construct(
        private readonly Product $product,
        private readonly Matrix $matrix,
        private readonly ReadAxes $axes,
        private readonly Problems $problems,
    ) {
        $this->code = Field::of(FieldKind::Sku);
        foreach ($product->state->skus as $sku) {
            $this->byCode[mb_strtoupper($sku->code)] = $sku;
            if ($sku->isMade() || !isset($this->byCell[$sku->cell->key])) {
                $this->byCell[$sku->cell->key] = $sku;
            }
        }
    }

    /** @return list<PlacedRow> */
    public function of(GivenProduct $given): array
    {
        $placed = [];
        $taken = [];
        foreach ($given->rows as $row) {
            $one = $this->place($row, $given);
            if ($one === null) {
                continue;
            }
            $other = $taken[$one->cell->key] ?? null;
            if ($other !== null) {
                $this->problems->add(
                    $row,
                    $this->fieldOfPlace($given),
                    ProblemKind::Taken,
                    "Row {$other} is the same SKU: {$this->inWords(
                        $one->cell,
                    )}. Take one of them out, or say in what " . 'they differ.',
                );

                continue;
            }
            $taken[$one->cell->key] = $row->number;
            $placed[] = $one;
        }

        return $placed;
    }

    private function place(GivenRow $row, GivenProduct $given): ?PlacedRow
    {
        $code = $row->text($this->code);
        $byCode = $code === '' ? null : $this->byCode[mb_strtoupper($code)] ?? null;
        $chosen = $this->axes->chosen($row);
        if ($chosen->values === [] && !$this->isSku($row, $given, $byCode)) {
            return null;
        }
        $cell = $this->cell($row, $given, $chosen, $byCode);
        if ($cell === null) {
            return null;
        }
        if ($byCode !== null && $byCode->cell->key !== $cell->key && $this->matrix->isCell($byCode->cell)) {
            $this->problems->add(
                $row,
                $this->code,
                ProblemKind::Taken,
                "{$code} is {$this->inWords($byCode->cell)} in the shop, and {$this->inWords(
                    $cell,
                )} here. Correct the " . 'code, or the value.',
            );

            return null;
        }
        $own = $byCode ?? ($this->byCell[$cell->key] ?? null);
        $state = $this->state($row, $own, $cell, $given);

        return $state === null ? null : new PlacedRow($row, $cell, $own, $state);
    }

    /** Whether a row that chooses nothing is about a SKU, and not only about its product. */
    private function isSku(GivenRow $row, GivenProduct $given, ?Sku $byCode): bool
    {
        if ($byCode !== null) {
            return true;
        }
        if ($this->matrix->axes !== []) {
            return $row->text($this->code) !== '' || $row->text(Field::of(FieldKind::State)) !== '';
        }

        return $row->text($this->code) !== '' ||
            $row->text(Field::of(FieldKind::State)) !== '' ||
            !$given->has(Field::of(FieldKind::State));
    }

    /** What the row does not say of an axis that a SKU of its code has is taken from there. */
    private function cell(GivenRow $row, GivenProduct $given, Combination $chosen, ?Sku $byCode): ?Combination
    {
        $values = $chosen->values;
        foreach ($this->matrix->axes as $axis) {
            $own = $byCode?->cell->value($axis->id);
            if (!isset($values[$axis->id]) && $own !== null && $axis->has($own)) {
                $values[$axis->id] = $own;
            }
            if (!isset($values[$axis->id])) {
                $this->refuseMissing($row, $given, $axis);

                return null;
            }
        }

        return Combination::of($values);
    }

    private function refuseMissing(GivenRow $row, GivenProduct $given, Axis $axis): void
    {
        foreach ($given->fields(FieldKind::Axis) as $field) {
            if ($this->axes->axisId($field->key()) === $axis->id) {
                $this->problems->add(
                    $row,
                    $field,
                    ProblemKind::Missing,
                    "{$axis->name} is missing: the other SKUs of this product have one.",
                );

                return;
            }
        }
        $this->problems->add(
            $row,
            $this->code,
            ProblemKind::Missing,
            "{$this->product->state->details->name} has several SKUs, and nothing here says which is meant: there is " .
                "no column for {$axis->name}.",
        );
    }

    private function state(GivenRow $row, ?Sku $own, Combination $cell, GivenProduct $given): ?RowState
    {
        $field = Field::of(FieldKind::State);
        $text = $row->text($field);
        if ($text !== '') {
            return $this->problems->reading($row, $field, fn(): RowState => RowState::read($text));
        }
        $isLeftOut =
            $own === null && $this->product->matrix->isCell($cell) && !$this->product->matrix->isOffered($cell);

        return match (true) {
            $own !== null => RowState::ofSku($own->state),
            $isLeftOut && $given->has($field) => RowState::LeftOut,
            default => RowState::Made,
        };
    }

    private function fieldOfPlace(GivenProduct $given): Field
    {
        return $given->fields(FieldKind::Axis)[0] ?? $this->code;
    }

    private function inWords(Combination $cell): string
    {
        return $this->matrix->inWordsOr($cell, 'the single SKU');
    }
}
