<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Details\UnreadableDetail;
use Core\Pricing\Currency;
use Core\Text\NumberReader;

/** A number of units. */
final readonly class UnitsDetail implements DetailType
{
    use UsualDetail;

    private const MOST = 9_999_999;

    public function __construct(
        private string $label,
        private int $least,
        private string $hint = '',
        private DetailSection $section = DetailSection::Elsewhere,
        private bool $isOfProduct = false,
    ) {}

    public function label(): string
    {
        return $this->label;
    }

    public function section(): DetailSection
    {
        return $this->section;
    }

    public function isOfProduct(): bool
    {
        return $this->isOfProduct;
    }

    /** @throws UnreadableDetail */
    public function read(array $typed, Currency $currency): string
    {
        $units = $typed[0];
        $number = NumberReader::read($units);
        $isInRange = !$number->isLessThan($this->least) && !$number->isGreaterThan(self::MOST);

        return $isInRange && !$number->hasNonZeroFractionalPart()
            ? (string) $number->toInt()
            : throw UnreadableDetail::noCount($units, $this->least, self::MOST);
    }

    public function inputs(string $kept, Currency $currency): array
    {
        return [new DetailInput($this->label, $kept, hint: $this->hint)];
    }
}
