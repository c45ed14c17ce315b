<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\DetailRows;
use Core\Details\DetailKind;
use Core\Details\DetailReader;
use Core\Details\Details;
use Core\Details\OrderLimits;
use Core\Details\UnreadableDetail;
use Core\Pricing\Currency;
use Core\Pricing\Sale;
use Core\Pricing\UnreadablePrice;
use Core\Product\Sku;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Says something of a product, or otherwise of a part of it. */
final class SetDetail
{
    /** They are said by Actions of their own, which know what becomes of the units. */
    private const ELSEWHERE = [DetailKind::Counting, DetailKind::PictureUnits, DetailKind::ProductUnits];

    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /**
     * Of the whole product: parts that say otherwise go on saying so.
     *
     * @param  list<string>  $typed  as many fields as the detail has; nothing takes it away
     */
    public function ofProduct(Change $change, DetailKind $kind, array $typed): ?HistoryEntry
    {
        $this->refuseElsewhere($kind);

        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($kind, $typed): string {
            $reader = new DetailReader(Currency::of($loaded->product->currency));
            $text = $reader->read($kind, $typed);
            $was = $loaded->details->whole($kind);
            $wanted = $loaded->details->withWhole($kind, $text);
            $parts = $wanted->finder($kind, $loaded->matrix);
            $this->store($ledger, $loaded, $kind, $wanted, array_values(array_filter($loaded->made, fn (Sku $sku): bool => ! $parts->isOwnAt($sku->cell))));

            return "{$kind->label()} set to {$reader->inWords($kind, $text)} (was {$reader->inWords($kind, $was)})";
        });
    }

    /**
     * Of a part of it.
     *
     * @param  list<string>  $typed  nothing: as the product has it
     * @param  bool  $none  whether the part has none, whatever the product has
     */
    public function ofPart(Change $change, DetailKind $kind, Selection $where, array $typed, bool $none = false): ?HistoryEntry
    {
        $this->refuseElsewhere($kind);
        if ($kind->isOfProduct()) {
            throw new Refusal("{$kind->label()}: the whole product has the same. Change it in its details.", RefusalKind::Impossible, 'kind');
        }

        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($kind, $where, $typed, $none): string {
            $part = $loaded->selected($where);
            if ($part->isNothing()) {
                throw Refusal::nothingSelected();
            }
            $reader = new DetailReader(Currency::of($loaded->product->currency));
            $typedText = $reader->read($kind, $typed);
            $text = $none ? '' : ($typedText === '' ? null : $typedText);
            $this->store($ledger, $loaded, $kind, $loaded->details->with($kind, $part->reach, $text, $loaded->matrix), $part->skus());
            $finder = $loaded->details->finder($kind, $loaded->matrix);
            $was = array_values(array_unique(array_map(fn (Sku $sku): string => $reader->inWords($kind, $finder->at($sku->cell)), $part->skus())));

            return "{$kind->label()} of {$part->place()} set to ".($text === null ? 'the product’s' : $reader->inWords($kind, $text)).($was === [] ? '' : ' (was '.(count($was) > 3 ? count($was).' different' : implode(' or ', $was)).')');
        });
    }

    private function refuseElsewhere(DetailKind $kind): void
    {
        if (in_array($kind, self::ELSEWHERE, true)) {
            throw new Refusal('Units, and what they are counted for, are changed on the board, in the Stock lens.', RefusalKind::Impossible, 'detail');
        }
    }

    /** @param  list<Sku>  $skus  those that it is said of */
    private function store(Ledger $ledger, LoadedProduct $loaded, DetailKind $kind, Details $wanted, array $skus): void
    {
        if ($kind === DetailKind::Sale) {
            $this->refuseDearSale($loaded, $wanted, $skus);
        }
        if ($kind === DetailKind::Least || $kind === DetailKind::Most) {
            $this->refuseImpossibleOrder($loaded, $wanted, $skus);
        }
        DetailRows::store($ledger, $loaded->product->id, $wanted);
    }

    /** @param  list<Sku>  $skus */
    private function refuseDearSale(LoadedProduct $loaded, Details $wanted, array $skus): void
    {
        $currency = Currency::of($loaded->product->currency);
        $sales = $wanted->finder(DetailKind::Sale, $loaded->matrix);
        foreach ($skus as $sku) {
            $text = $sales->at($sku->cell);
            if ($text === '') {
                continue;
            }
            $sale = Sale::fromText($text, $currency);
            $price = $loaded->price($sku) ?? throw new Refusal($loaded->placeOf($sku).' has no price yet. Type one first; then a sale can be below it.', RefusalKind::Impossible, 'fields.0');
            if (! $sale->isBelow($price)) {
                throw UnreadablePrice::saleIsNotBelow($sale->price, $price, $loaded->placeOf($sku));
            }
        }
    }

    /** @param  list<Sku>  $skus */
    private function refuseImpossibleOrder(LoadedProduct $loaded, Details $wanted, array $skus): void
    {
        $least = $wanted->finder(DetailKind::Least, $loaded->matrix);
        $most = $wanted->finder(DetailKind::Most, $loaded->matrix);
        foreach ($skus as $sku) {
            $limits = OrderLimits::of($least->at($sku->cell), $most->at($sku->cell));
            if ($limits->areImpossible()) {
                throw UnreadableDetail::leastAboveMost($limits, $loaded->placeOf($sku));
            }
        }
    }
}
