<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\DetailReader;
use Core\Details\Details;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Pricing\Currency;
use Core\Product\Sku;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Simplifier;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Stock\StockBook;
use Core\Stock\StockChange;

/**
 * Reads what else is said of a product and of its parts. What the rows say alike is said of the whole product, what
 * they say otherwise of the parts they lie in; where nothing is otherwise than before, nothing is touched.
 */
final readonly class DetailCells
{
    public function __construct(
        private Matrix $matrix,
        private Currency $currency,
        private SheetTerms $terms,
        private Problems $problems,
    ) {}

    /**
     * @param  list<PlacedRow>  $placed
     * @param  list<Sku>  $made  that the product has then
     */
    public function read(Details $own, GivenProduct $given, array $placed, array $made): Details
    {
        $cells = array_map(fn(Sku $sku): Combination => $sku->cell, $made);
        $onOffer = array_values(array_filter($placed, fn(PlacedRow $one): bool => $one->state === RowState::Made));
        $details = $own;
        foreach ($given->fields(FieldKind::Detail) as $field) {
            $kind = DetailKind::from($field->name);
            $details = $kind->isOfProduct()
                ? $this->ofProduct($details, $field, $kind, $given)
                : $this->ofParts($details, $field, $kind, [$onOffer, $cells]);
        }
        $sale = Field::of(FieldKind::SalePrice);
        if ($given->has($sale) && !$given->has(Field::detail(DetailKind::Sale))) {
            $details = $this->ofParts($details, $sale, DetailKind::Sale, [$onOffer, $cells]);
        }

        return $this->units($details, $given, $onOffer);
    }

    private function ofProduct(Details $details, Field $field, DetailKind $kind, GivenProduct $given): Details
    {
        $said = (new ProductCells($this->terms, $this->problems))->said($field, $given);
        $kept =
            $said === null
                ? null
                : $this->problems->reading($said->row, $field, fn(): string => $this->kept($kind, $said));

        return $kept === null || $kept === $details->whole($kind) ? $details : $details->withWhole($kind, $kept);
    }

    /** @param  array{list<PlacedRow>, list<Combination>}  $rows  rows of SKUs on offer, and cells of all of these */
    private function ofParts(Details $details, Field $field, DetailKind $kind, array $rows): Details
    {
        [$onOffer, $cells] = $rows;
        $finder = $details->finder($kind, $this->matrix);
        $wanted = $isOther = [];
        foreach ($onOffer as $one) {
            $text = $one->row->text($field);
            if ($text === '' && $this->terms->empty === EmptyCells::Keep) {
                continue;
            }
            $said = new SaidCell($one->row, $field, $text);
            $kept = $this->problems->reading($one->row, $field, fn(): string => $this->kept($kind, $said));
            if ($kept !== null) {
                $wanted[$kept][] = $one->cell;
                $isOther[] = $kept !== $finder->at($one->cell);
            }
        }
        if (!in_array(true, $isOther, true)) {
            return $details;
        }
        $isAlike = count($wanted) === 1 && count(reset($wanted)) === count($cells);
        if ($isAlike) {
            $kept = (string) array_key_first($wanted);

            return $details->with($kind, Reach::everything(), null, $this->matrix)->withWhole($kind, $kept);
        }
        foreach ($wanted as $kept => $where) {
            $where = array_values(
                array_filter($where, fn(Combination $cell): bool => $finder->at($cell) !== (string) $kept),
            );
            if ($where !== []) {
                $reach = (new Simplifier())->fromCells($where, $cells, $this->matrix);
                $details = $details->with($kind, $reach, (string) $kept, $this->matrix);
            }
        }

        return $details;
    }

    private function kept(DetailKind $kind, SaidCell $said): string
    {
        return $said->isNothing() ? '' : (new DetailReader($this->currency))->listed($kind, $said->text);
    }

    /**
     * Units that several SKUs are sold from stand in one of their rows.
     *
     * @param  list<PlacedRow>  $onOffer
     */
    private function units(Details $details, GivenProduct $given, array $onOffer): Details
    {
        $field = Field::of(FieldKind::Stock);
        $book = new StockBook($details, $this->matrix);
        if (!$given->has($field) || in_array($book->counting, [Counting::Sku, Counting::None], true)) {
            return $details;
        }
        $pools = [];
        foreach ($onOffer as $one) {
            $text = $one->row->text($field);
            $units =
                $text === ''
                    ? null
                    : $this->problems->reading($one->row, $field, fn(): ?int => StockChange::units($text));
            $pool = $book->pool($one->cell) ?? '';
            if ($units !== null && !isset($pools[$pool]) && $units !== $book->of($one->cell, null)) {
                $details =
                    $book->counting === Counting::Product
                        ? $details->withWhole(DetailKind::ProductUnits, (string) $units)
                        : $details->pooled(
                            Reach::of(Clause::at($book->part($one->cell))),
                            (string) $units,
                            $this->matrix,
                        );
            }
            $pools[$pool] ??= $units;
        }

        return $details;
    }
}
