<?php

declare(strict_types=1);

namespace Core\Changes\Details;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Details\DetailKind;
use Core\Details\DetailReader;
use Core\Details\Details;
use Core\Details\OrderLimits;
use Core\Details\UnreadableDetail;
use Core\Pricing\Sale;
use Core\Pricing\UnreadablePrice;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Says something of a product, or otherwise of a part of it: parts that say otherwise go on saying so. */
final readonly class SayDetail implements ProductChange
{
    /** They are said by changes of their own, which know what becomes of the units. */
    private const ELSEWHERE = [DetailKind::Counting, DetailKind::PictureUnits, DetailKind::ProductUnits];

    /** More different texts than this are counted, not named. */
    private const NAMED = 3;

    /**
     * @param  list<string>  $typed  as many fields as the detail has; nothing takes it away, or of a part: as the
     * product has it
     * @param  ?Selection  $where  null for the whole product
     * @param  bool  $isNone  whether the part has none, whatever the product has
     */
    public function __construct(
        private DetailKind $kind,
        private array $typed,
        private ?Selection $where = null,
        private bool $isNone = false,
    ) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        if (in_array($this->kind, self::ELSEWHERE, true)) {
            throw new Refusal(
                'Units, and what they are counted for, are changed on the board, in the Stock lens.',
                RefusalKind::Impossible,
                'detail',
            );
        }

        return $this->where === null ? $this->ofProduct($product) : $this->ofPart($product, $this->where);
    }

    private function ofProduct(Product $product): Changed
    {
        $details = $product->state->details->details;
        $reader = new DetailReader($product->prices->currency);
        $text = $reader->read($this->kind, $this->typed);
        $wanted = $details->withWhole($this->kind, $text);
        $finder = $wanted->finder($this->kind, $product->matrix);
        $this->refuseImpossible(
            $product,
            $wanted,
            array_filter($product->made, fn(Sku $sku): bool => !$finder->isOwnAt($sku->cell)),
        );
        $was = $reader->inWords($this->kind, $details->whole($this->kind));

        return new Changed(
            $product->state->withDetails($product->state->details->saying($wanted)),
            "{$this->kind->label()} set to {$reader->inWords($this->kind, $text)} (was {$was})",
        );
    }

    private function ofPart(Product $product, Selection $where): Changed
    {
        if ($this->kind->isOfProduct()) {
            throw new Refusal(
                "{$this->kind->label()}: the whole product has the same. Change it in its details.",
                RefusalKind::Impossible,
                'kind',
            );
        }
        $part = $product->selected($where);
        if ($part->isNothing()) {
            throw Refusal::nothingSelected();
        }
        $reader = new DetailReader($product->prices->currency);
        $typed = $reader->read($this->kind, $this->typed);
        $text = $this->isNone ? '' : ($typed === '' ? null : $typed);
        $details = $product->state->details->details;
        $wanted = $details->with($this->kind, $part->reach, $text, $product->matrix);
        $this->refuseImpossible($product, $wanted, $part->skus());
        $finder = $details->finder($this->kind, $product->matrix);
        $inWords = fn(Sku $sku): string => $reader->inWords($this->kind, $finder->at($sku->cell));
        $was = array_values(array_unique(array_map($inWords, $part->skus())));
        $were = count($was) > self::NAMED ? count($was) . ' different' : implode(' or ', $was);

        return new Changed(
            $product->state->withDetails($product->state->details->saying($wanted)),
            "{$this->kind->label()} of {$part->place()} set to " .
                ($text === null ? 'the product’s' : $reader->inWords($this->kind, $text)) .
                ($was === [] ? '' : " (was {$were})"),
        );
    }

    /** @param  array<Sku>  $skus  those that it is said of */
    private function refuseImpossible(Product $product, Details $wanted, array $skus): void
    {
        match ($this->kind) {
            DetailKind::Sale => $this->refuseDearSale($product, $wanted, $skus),
            DetailKind::Least, DetailKind::Most => $this->refuseImpossibleOrder($product, $wanted, $skus),
            default => null,
        };
    }

    /** @param  array<Sku>  $skus */
    private function refuseDearSale(Product $product, Details $wanted, array $skus): void
    {
        $sales = $wanted->finder(DetailKind::Sale, $product->matrix);
        foreach ($skus as $sku) {
            $text = $sales->at($sku->cell);
            if ($text === '') {
                continue;
            }
            $sale = Sale::fromText($text, $product->prices->currency);
            $price =
                $product->price($sku) ??
                throw new Refusal(
                    $product->placeOf($sku) . ' has no price yet. Type one first; then a sale can be below it.',
                    RefusalKind::Impossible,
                    'fields.0',
                );
            if (!$sale->isBelow($price)) {
                throw UnreadablePrice::saleIsNotBelow($sale->price, $price, $product->placeOf($sku));
            }
        }
    }

    /** @param  array<Sku>  $skus */
    private function refuseImpossibleOrder(Product $product, Details $wanted, array $skus): void
    {
        $least = $wanted->finder(DetailKind::Least, $product->matrix);
        $most = $wanted->finder(DetailKind::Most, $product->matrix);
        foreach ($skus as $sku) {
            $limits = OrderLimits::of($least->at($sku->cell), $most->at($sku->cell));
            if ($limits->areImpossible()) {
                throw UnreadableDetail::leastAboveMost($limits, $product->placeOf($sku));
            }
        }
    }
}
