<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Batches\SameForEach;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Models\LibraryValue;
use Core\Changes\Prices\AdjustValuePrice;
use Core\Changes\ProductChange;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Says what a value of a product adds to the price of its SKUs: an amount, a percentage, or both. */
final class AdjustPrices implements SameForEach
{
    private const FINEST = 'CLF';

    public function __construct(private readonly UnitOfWork $work) {}

    /**
     * Both as typed; nothing takes it away. The value may be one of an axis that sleeps, at which the product stands:
     * letting go of what it added is the same.
     */
    public function run(Change $change, int $valueId, string $amount, string $percent): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new AdjustValuePrice($valueId, $amount, $percent));
    }

    /** @throws Refusal */
    public function inWords(array $wanted): string
    {
        $value =
            LibraryValue::query()->with('axis')->find($this->valueId($wanted)) ??
            throw new Refusal('Choose the value whose price is to be changed.', RefusalKind::Missing, 'of');
        [$amount, $percent] = $this->parts($wanted);
        $typed = trim((string) ($wanted['value'] ?? ''));
        // Read here as in the currency with the most decimals, since each product has its own.
        Adjustment::typed($amount, $percent, Currency::of(self::FINEST));

        return "What {$value->axis->name} {$value->name} adds set to " . ($typed === '' ? 'nothing' : $typed);
    }

    public function change(Selection $where, array $wanted): ProductChange
    {
        [$amount, $percent] = $this->parts($wanted);

        return new AdjustValuePrice($this->valueId($wanted), $amount, $percent, isOfMany: true);
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
