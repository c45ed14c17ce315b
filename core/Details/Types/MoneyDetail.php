<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Brick\Math\BigDecimal;
use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Text\NumberReader;

/** An amount of money. */
final readonly class MoneyDetail implements DetailType
{
    use UsualDetail;

    /** @param  ?string  $zero  what a shopper reads where it is nothing; null where a shopper does not read of it */
    public function __construct(
        private string $label,
        private string $hint,
        private DetailSection $section = DetailSection::Elsewhere,
        private ?string $zero = null,
    ) {}

    public function label(): string
    {
        return $this->label;
    }

    public function section(): DetailSection
    {
        return $this->section;
    }

    public function hasMoney(): bool
    {
        return true;
    }

    public function read(array $typed, Currency $currency): string
    {
        return Money::typed($typed[0], $currency)->shown();
    }

    public function inCurrency(string $kept, Currency $from, Currency $to): string
    {
        return Money::of($kept, $from)->roundedIn($to)->shown();
    }

    public function amounts(string $kept, Currency $currency): array
    {
        return [Money::of($kept, $currency)];
    }

    public function inputs(string $kept, Currency $currency): array
    {
        $again = $kept === '' ? '' : NumberReader::again(BigDecimal::of($kept));

        return [new DetailInput("{$this->label}, {$currency->code}", $again, hint: $this->hint)];
    }

    public function term(string $kept, Currency $currency): string
    {
        return match (true) {
            $this->zero === null => '',
            BigDecimal::of($kept)->isZero() => $this->zero,
            default => "{$kept} {$currency->code}",
        };
    }
}
