<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchPiece;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Sheets\Axes\ReadAxes;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;

/** Reads what rows say of their values: what each adds to the price, and its swatch. */
final readonly class ValueCells
{
    public function __construct(private ReadAxes $axes, private SheetTerms $terms, private Problems $problems) {}

    /**
     * What values add to the price, where the sheet says it.
     *
     * @return array<int, Adjustment> by value id; with nothing in it where they add nothing
     */
    public function adjustments(GivenProduct $given, Currency $currency): array
    {
        $adjustments = [];
        foreach ($this->said($given, FieldKind::Adds) as $valueId => $said) {
            $read = $this->problems->reading(
                $said->row,
                $said->field,
                fn(): Adjustment => $said->isNothing() ? new Adjustment() : self::read($said->text, $currency),
            );
            if ($read !== null) {
                $adjustments[$valueId] = $read;
            }
        }

        return $adjustments;
    }

    /** @return array<int, Swatch> by value id, where the sheet says one */
    public function swatches(GivenProduct $given): array
    {
        $swatches = [];
        foreach ($this->said($given, FieldKind::Swatch) as $valueId => $said) {
            $swatch = $said->isNothing() ? null : $this->swatch($said);
            if ($swatch !== null) {
                $swatches[$valueId] = $swatch;
            }
        }

        return $swatches;
    }

    /** "+5.00", "-2", "+10 %", "+5.00 +10 %" */
    private static function read(string $text, Currency $currency): Adjustment
    {
        $percent = '';
        $amount = (string) preg_replace_callback(
            '/[+\-\x{2212}]?\s*[\d.,]+\s*%/u',
            function (array $found) use (&$percent): string {
                $percent = rtrim($found[0], "% \u{00A0}");

                return '';
            },
            $text,
        );

        return Adjustment::typed(trim($amount), trim($percent), $currency);
    }

    private function swatch(SaidCell $said): ?Swatch
    {
        if (preg_match('/^(?:[a-z]+:)?#[0-9a-f]{6}/i', $said->text) === 1) {
            return $this->problems->reading(
                $said->row,
                $said->field,
                fn(): Swatch => Swatch::read(str_replace(': ', ':', $said->text)),
            );
        }
        $picture = $this->terms->pictures->find($said->text);
        if ($picture === null || $picture->main === null) {
            $this->problems->add(
                $said->row,
                $said->field,
                ProblemKind::Unreadable,
                "“{$said->text}” is no swatch: write colors such as #5d7346, two or three with / between, a pattern " .
                    'with its colors (stripes:#5d7346/#d9c9a3), or the file name of a picture.',
            );

            return null;
        }

        return Swatch::of($picture->main)->cutFrom(new SwatchPiece($picture->photoId, ''));
    }

    /** @return array<int, SaidCell> by value id: what the first of its rows says; the others have to say the same */
    private function said(GivenProduct $given, FieldKind $kind): array
    {
        $said = [];
        foreach ($given->fields($kind) as $field) {
            $axis = Field::axis($field->name)->key();
            $axisId = $this->axes->axisId($axis);
            foreach ($given->rows as $row) {
                $valueId = $axisId === null ? null : $this->axes->valueId($axisId, $row->cells[$axis] ?? '');
                $text = $row->text($field);
                if ($valueId === null || $text === '') {
                    continue;
                }
                $other = $said[$valueId] ?? null;
                if ($other !== null && $other->text !== $text) {
                    $this->problems->add(
                        $row,
                        $field,
                        ProblemKind::Differs,
                        "Row {$other->row->number} says “{$other->text}” of the same value, this one “{$text}”.",
                        $other->text,
                    );
                }
                $said[$valueId] ??= new SaidCell($row, $field, $text);
            }
        }

        return $said;
    }
}
