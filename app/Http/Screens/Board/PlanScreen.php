<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Store\Products\LoadedProduct;
use Core\Changes\Matrix\PlannedChange;
use Core\Codes\CodeClash;
use Core\Details\Prices\PriceMove;
use Core\Matrix\Arithmetic;
use Core\Matrix\Planning\Collapse;
use Core\Product\Sku;
use Core\Reach\Reach;
use Core\Stock\UnitMove;

/** What a planned change will do, as it is shown before it runs. */
final readonly class PlanScreen
{
    /** Each listed pair is a form field; a form has room for some hundreds. */
    private const SHOWN = 200;

    private const NAMED = 12;

    /** @var array<int, Sku> by id */
    private array $skus;

    public function __construct(private LoadedProduct $loaded, public PlannedChange $planned)
    {
        $this->skus = array_column($loaded->core->state->skus, null, 'id');
    }

    public function arithmetic(): string
    {
        return Arithmetic::of($this->planned->change->to)->inWords();
    }

    /** Whether axes, values, SKUs or rules become others than they are. */
    public function changesAnything(): bool
    {
        $shape = fn($matrix): array => array_map(fn($axis): array => [$axis->id, $axis->valueIds()], $matrix->axes);

        return !$this->planned->plan->isEmpty() ||
            $shape($this->planned->change->to) !== $shape($this->loaded->core->matrix) ||
            !Reach::leftOutOf($this->planned->change->to)->equals(Reach::leftOutOf($this->loaded->core->matrix));
    }

    /** @return list<string> what else there is to know */
    public function remarks(): array
    {
        $plan = $this->planned->plan;
        $remarks = [];
        if ($plan->retire !== []) {
            $codes = array_map(fn($sku): string => $this->skus[$sku->id]->code, $plan->retire);
            $remarks[] = __('board.retired_with_their_codes_stock_and', ['codes' => $this->named($codes)]);
        }
        if ($plan->revive !== []) {
            $remarks[] = __('board.back_as_they_were_revive', [
                'revive' => $this->named(array_map(fn(int $id): string => $this->skus[$id]->code, $plan->revive)),
            ]);
        }
        foreach (
            [
                'Back to the tray' => $this->planned->pictures->toTray,
                'Back to their place' => $this->planned->pictures->fromTray,
                'Now shown by SKUs that did not show them' => $this->planned->pictures->shown,
                'No longer shown by SKUs that stay' => $this->planned->pictures->vanished,
                'New codes' => array_values($this->planned->codes->codes),
            ]
            as $what => $names
        ) {
            if ($names !== []) {
                $remarks[] = "{$what}: {$this->named($names)}.";
            }
        }
        if ($this->planned->priceMoves !== []) {
            $remarks[] = __('board.prices_that_change', [
                'prices' => PriceMove::allInWords($this->planned->priceMoves, self::NAMED),
            ]);
        }
        if ($this->planned->unitMoves !== []) {
            $remarks[] = __('board.units_that_move', [
                'units' => UnitMove::allInWords($this->planned->unitMoves, self::NAMED),
            ]);
        }
        foreach ($this->planned->prices->standingLabels() as $valueId => $label) {
            if (!isset($this->loaded->core->prices->standingLabels()[$valueId])) {
                $remarks[] = __('board.what_label_adds_value_id_goes', [
                    'label' => $label,
                    'value_id' => $this->planned->prices->adjustments[$valueId]->inWords(),
                ]);
            }
        }
        if ($plan->likenesses !== []) {
            $remarks[] = trans_choice('board.likenesses_new_sku_takes_price_and', count($plan->likenesses), [
                'likenesses' => count($plan->likenesses),
            ]);
        }

        return $remarks;
    }

    /**
     * How the SKUs differ that come to lie in one cell: "12 pairs: 9 with stock on both sides, 3 with different
     * prices"; empty without any.
     */
    public function collapseWords(): string
    {
        $collapses = $this->planned->plan->collapses;
        $prices = count(
            array_filter(
                $collapses,
                fn(Collapse $collapse): bool => count(
                    array_unique(array_map($this->price(...), $this->candidates($collapse))),
                ) > 1,
            ),
        );
        $stock = count(
            array_filter(
                $collapses,
                fn(Collapse $collapse): bool => count(
                    array_filter(
                        $this->candidates($collapse),
                        fn(Sku $sku): bool => $this->loaded->core->units($sku) > 0,
                    ),
                ) > 1,
            ),
        );
        $parts = array_filter([
            $stock > 0 ? __('board.stock_with_stock_on_both_sides', ['stock' => $stock]) : '',
            $prices > 0 ? __('board.prices_with_different_prices', ['prices' => $prices]) : '',
        ]);

        return $collapses === []
            ? ''
            : trans_choice('board.in_collapses_cell_several_skus_become', count($collapses), [
                'collapses' => count($collapses),
                'parts' => $parts === [] ? '' : ': ' . implode(', ', $parts),
            ]);
    }

    /** @return list<Collapse> those that are listed */
    public function collapses(): array
    {
        return array_slice($this->planned->plan->collapses, 0, self::SHOWN);
    }

    public function unlisted(): int
    {
        return count($this->planned->plan->collapses) - count($this->collapses());
    }

    /** @return non-empty-list<Sku> the one that stays first */
    public function candidates(Collapse $collapse): array
    {
        return array_map(fn(int $id): Sku => $this->skus[$id], [$collapse->stays, ...$collapse->goes]);
    }

    public function cell(Collapse $collapse): string
    {
        return $this->planned->change->to->inWordsOr($collapse->cell, __('board.the_single_sku'));
    }

    public function needsCodes(): bool
    {
        return $this->planned->codes->clashes !== [] || $this->planned->codes->chosen !== [];
    }

    /** @return list<CodeClash> those that are listed */
    public function codeClashes(): array
    {
        return array_slice($this->planned->codes->clashes, 0, self::SHOWN);
    }

    public function unlistedClashes(): int
    {
        return count($this->planned->codes->clashes) - count($this->codeClashes());
    }

    /** Where a SKU lies now. */
    public function place(Sku $sku): string
    {
        return $this->loaded->core->matrix->inWords($sku->cell) . ($sku->isMade() ? '' : ' (retired)');
    }

    public function stock(Sku $sku): string
    {
        $units = $this->loaded->core->units($sku);

        return $units === null ? __('board.not_counted') : __('board.units_in_stock', ['units' => $units]);
    }

    public function price(Sku $sku): string
    {
        return $this->loaded->core->price($sku)?->shown() ?? __('board.no_price');
    }

    /** @param  list<string>  $names */
    private function named(array $names): string
    {
        $more = count($names) - self::NAMED;

        return implode(', ', array_slice($names, 0, self::NAMED)) .
            ($more > 0 ? ' and ' . number_format($more) . ' more' : '');
    }
}
