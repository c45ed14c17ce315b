<?php

declare(strict_types=1);

namespace Core\Details;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Core\Text\NumberReader;

/** So much of a unit, as it was typed: 1.2 kg. */
final readonly class Quantity
{
    private const MOST = 1_000_000_000;

    private const DIGITS = 6;

    public function __construct(public BigDecimal $number, public Unit $unit) {}

    /**
     * "350", "1.2 kg", "12 oz", "30cm"
     *
     * @param  Unit  $usual  where no unit is typed; the one that is must measure the same
     *
     * @throws UnreadableDetail
     * @throws \Core\Text\UnreadableNumber
     */
    public static function typed(string $typed, Unit $usual): self
    {
        $parts = preg_match('/^(.*\d)\s*(\D*)$/us', trim($typed), $found) === 1 ? $found : ['', $typed, ''];
        $unit = $parts[2] === '' ? $usual : Unit::typed($parts[2]);
        if ($unit === null || $unit->isWeight() !== $usual->isWeight()) {
            throw UnreadableDetail::noUnit($typed, $usual->isWeight());
        }
        $number = NumberReader::read($parts[1], $unit === Unit::Gram ? 0 : null)->stripTrailingZeros();
        if ($number->isNegativeOrZero() || $number->isGreaterThan(self::MOST) || $number->getScale() > self::DIGITS) {
            throw UnreadableDetail::noQuantity($typed);
        }

        return new self($number->getScale() < 0 ? $number->toScale(0) : $number, $unit);
    }

    /** The same in another unit that measures the same, rounded half up to so many decimals. */
    public function in(Unit $unit, int $digits): BigDecimal
    {
        return $this->number
            ->multipliedBy($this->unit->factor())
            ->dividedBy($unit->factor(), $digits, RoundingMode::HALF_UP);
    }

    /** "1.2 kg" */
    public function text(): string
    {
        return "{$this->number} {$this->unit->value}";
    }
}
