<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Changes\Details\ProductText;
use Core\Details\DetailKind;
use Core\Details\Fact;
use Core\Details\FactKind;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\ProductDetails;
use Core\Sheets\Columns\FactColumn;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;

/** Reads what is said of a whole product: it stands in one of its rows, or in all of them alike. */
final readonly class ProductCells
{
    public function __construct(private SheetTerms $terms, private Problems $problems) {}

    public function read(ProductDetails $own, GivenProduct $given): ProductDetails
    {
        $details = $this->currency($own, $given);
        foreach (ProductText::cases() as $text) {
            if ($text !== ProductText::Category) {
                $details = $this->text($details, $text, $given);
            }
        }
        $details = $this->category($details, $given);
        $details = $this->basePrice($details, $given);
        foreach ($given->fields(FieldKind::Fact) as $field) {
            $details = $this->fact($details, $field, $given);
        }

        return $details;
    }

    private function currency(ProductDetails $details, GivenProduct $given): ProductDetails
    {
        $said = $this->said(Field::of(FieldKind::Currency), $given);
        $currency =
            $said === null || $said->isNothing()
                ? null
                : $this->problems->reading(
                    $said->row,
                    $said->field,
                    fn(): Currency => Currency::of(mb_strtoupper($said->text)),
                );
        if ($said === null || $currency === null || $currency->is($details->currency)) {
            return $details;
        }
        if ($details->basePrice !== null || $details->adjustments !== []) {
            $this->problems->add(
                $said->row,
                $said->field,
                ProblemKind::Impossible,
                "This product has prices in {$details->currency->code}. Change its currency on its page of prices " .
                    'first: there each amount is told what becomes of it.',
            );

            return $details;
        }

        return $details->with(['currency' => $currency]);
    }

    private function text(ProductDetails $details, ProductText $text, GivenProduct $given): ProductDetails
    {
        $said = $this->said(Field::named($text->value) ?? Field::of(FieldKind::Name), $given);
        if ($said === null) {
            return $details;
        }
        $read = $this->problems->reading(
            $said->row,
            $said->field,
            fn(): string => $text->read($said->isNothing() ? '' : $said->text),
        );

        return $read === null ? $details : $text->said($details, $read);
    }

    /** The first path is the product's own category, the others are those it is also in. */
    private function category(ProductDetails $details, GivenProduct $given): ProductDetails
    {
        $said = $this->said(Field::of(FieldKind::Category), $given);
        if ($said === null) {
            return $details;
        }
        $paths = $said->isNothing() ? [] : (preg_split('/\s*[|\r\n]+\s*/u', $said->text) ?: []);
        $path = fn(string $typed): string => implode(' > ', preg_split('/\s*>\s*/u', trim($typed)) ?: []);
        $first = $this->problems->reading(
            $said->row,
            $said->field,
            fn(): string => ProductText::Category->read($path($paths[0] ?? '')),
        );
        $others = $this->problems->reading(
            $said->row,
            $said->field,
            fn(): string => count($paths) < 2
                ? ''
                : DetailKind::AlsoIn->type()->read([implode("\n", array_slice($paths, 1))], $details->currency),
        );
        if ($first === null || $others === null) {
            return $details;
        }

        return $details
            ->with(['category' => $first])
            ->saying($details->details->withWhole(DetailKind::AlsoIn, $others));
    }

    private function basePrice(ProductDetails $details, GivenProduct $given): ProductDetails
    {
        $said = $this->said(Field::of(FieldKind::BasePrice), $given);
        if ($said === null) {
            return $details;
        }
        if ($said->isNothing()) {
            return $details->with(['basePrice' => null]);
        }
        $price = $this->problems->reading(
            $said->row,
            $said->field,
            fn(): Money => Money::typed($said->text, $details->currency),
        );

        return $price === null ? $details : $details->with(['basePrice' => $price]);
    }

    private function fact(ProductDetails $details, Field $field, GivenProduct $given): ProductDetails
    {
        $said = $this->said($field, $given);
        if ($said === null) {
            return $details;
        }
        $column = FactColumn::of($field->name);
        $own = Fact::named($details->facts, $column->name);
        if ($said->isNothing()) {
            return $own === null
                ? $details
                : $details->with([
                    'facts' => array_values(array_filter($details->facts, fn(Fact $fact): bool => $fact !== $own)),
                ]);
        }
        $plain = $column->isPlain() && $own !== null;
        $kind = $plain ? $own->kind : $column->kind;
        $value = $this->problems->reading($said->row, $field, fn(): string => $kind->read($said->text));
        if ($value === null || $value === '') {
            return $details;
        }
        $unit = $plain ? $own->unit : ($kind === FactKind::Number ? $column->unit : '');

        return $details->withFact(
            new Fact($own->id ?? 0, $column->name, $value, $kind, $unit, $plain ? $own->isShown : $column->isShown),
        );
    }

    /** What the rows say of the whole product; null where they say nothing of it. */
    public function said(Field $field, GivenProduct $given): ?SaidCell
    {
        if (!$given->has($field)) {
            return null;
        }
        $said = $this->usual($field, $given);
        foreach ($given->rows as $row) {
            $text = $row->text($field);
            if ($said !== null && $text !== '' && $said->text !== $text) {
                $this->problems->add(
                    $row,
                    $field,
                    ProblemKind::Differs,
                    "Row {$said->row->number} says “{$this->short($said->text)}” of the same product, this one " .
                        "“{$this->short($text)}”. It is said once of a whole product: make them alike, or give the " .
                        'row a product of its own.',
                    $said->text,
                );
            }
        }

        return $said ??
            ($this->terms->empty === EmptyCells::Clear && $field->kind !== FieldKind::Name
                ? new SaidCell($given->rows[0], $field, '')
                : null);
    }

    /** What most of the rows say, of as many the first; null where none says anything. */
    private function usual(Field $field, GivenProduct $given): ?SaidCell
    {
        $rows = $counts = [];
        foreach ($given->rows as $row) {
            $text = $row->text($field);
            if ($text !== '') {
                // A text of digits alone would be a number as a key.
                $rows["={$text}"] ??= $row;
                $counts["={$text}"] = ($counts["={$text}"] ?? 0) + 1;
            }
        }
        arsort($counts);
        $first = $rows[array_key_first($counts) ?? ''] ?? null;

        return $first === null ? null : new SaidCell($first, $field, $first->text($field));
    }

    private function short(string $text): string
    {
        return mb_strimwidth($text, 0, 60, '…');
    }
}
