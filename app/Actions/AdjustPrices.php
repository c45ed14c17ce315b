<?php

declare(strict_types=1);

namespace App\Actions;

use App\Batches\Act;
use App\Catalog\LoadedProduct;
use App\Catalog\ProductAxis;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryValue;
use App\Store\DetailRows;
use Core\Details\PricePlan;
use Core\Details\RuleChange;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\OwnPrices;
use Core\Product\Sku;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Says what a value of a product adds to the price of its SKUs: an amount, a percentage, or both. */
final class AdjustPrices implements Act
{
    private const FINEST = 'CLF';

    public function __construct(private readonly Keeper $keeper)
    {
    }

    /**
     * Both as typed; nothing takes it away. The value may be one of an axis that sleeps, at which the product stands:
     * letting go of what it added is the same.
     */
    public function run(Change $change, int $valueId, string $amount, string $percent): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, fn (Ledger $ledger, LoadedProduct $loaded): string => $this->adjust(
            $ledger,
            $loaded,
            $valueId,
            Adjustment::typed($amount, $percent, $loaded->prices->currency),
        ));
    }

    public function inWords(array $wanted): string
    {
        $value = LibraryValue::query()->with('axis')->find($this->valueId($wanted))
            ?? throw new Refusal('Choose the value whose price is to be changed.', RefusalKind::Missing, 'of');
        [$amount, $percent] = $this->parts($wanted);
        $typed = trim((string) ($wanted['value'] ?? ''));
        // Read here as in the currency with the most decimals, since each product has its own.
        Adjustment::typed($amount, $percent, Currency::of(self::FINEST));

        return "What {$value->axis->name} {$value->name} adds set to ".($typed === '' ? 'nothing' : $typed);
    }

    /** Products that do not have the value stay as they are. */
    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry
    {
        $valueId = $this->valueId($wanted);
        [$amount, $percent] = $this->parts($wanted);

        return $this->keeper->keep($change, self::class, fn (Ledger $ledger, LoadedProduct $loaded): string => $loaded->prices->labelOf($valueId) === ''
            ? ''
            : $this->adjust(
                $ledger,
                $loaded,
                $valueId,
                Adjustment::typed($amount, $percent, $loaded->prices->currency),
            ));
    }

    private function adjust(Ledger $ledger, LoadedProduct $loaded, int $valueId, Adjustment $adjustment): string
    {
        $standing = $loaded->prices->standingLabels()[$valueId] ?? null;
        $axis = $standing === null ? ProductAxis::having($loaded, $valueId) : null;
        $label = $standing ?? "{$axis?->name} {$axis?->value($valueId)?->label}";
        $rule = RuleChange::saying($loaded->prices, $valueId, $label, $adjustment);
        PricePlan::byRule($rule, $loaded->prices, $loaded->pricedSkus(), OwnPrices::Stay);
        DetailRows::storeAdjustments($ledger, $loaded->product->id, [$valueId => $adjustment]);
        $was = ($loaded->prices->adjustments[$valueId] ?? new Adjustment())->inWords();
        $isAt = fn (Sku $sku): bool => $axis === null || $sku->cell->value($axis->id) === $valueId;
        $own = count(array_filter($loaded->made, fn (Sku $sku): bool => $sku->price !== null && $isAt($sku)));

        return "Price at {$label} set to ".($adjustment->inWords() ?: 'no adjustment')
            .' (was '.($was ?: 'none').')'
            .($own === 0 ? '' : "; {$own} with a price of their own stay");
    }

    /** @param  array<string, ?string>  $wanted */
    private function valueId(array $wanted): int
    {
        return (int) ($wanted['of'] ?? 0);
    }

    /**
     * @param  array<string, ?string>  $wanted
     * @return array{string, string} the amount and the percentage as typed
     */
    private function parts(array $wanted): array
    {
        $typed = trim((string) ($wanted['value'] ?? ''));

        return str_ends_with($typed, '%') ? ['', $typed] : [$typed, ''];
    }
}
