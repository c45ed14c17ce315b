<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Details\Dimensions;
use Core\Details\Quantity;
use Core\Details\Unit;
use Core\Pricing\Currency;

/** Length, width and height of what is sent. */
final readonly class DimensionsDetail implements DetailType
{
    use UsualDetail;

    public function label(): string
    {
        return 'Dimensions';
    }

    public function section(): DetailSection
    {
        return DetailSection::Sending;
    }

    public function read(array $typed, Currency $currency): string
    {
        return Dimensions::typed($typed[0])->text();
    }

    public function inputs(string $kept, Currency $currency): array
    {
        $other = str_ends_with($kept, 'in') || str_ends_with($kept, 'ft') ? Unit::Centimeter : Unit::Inch;
        $hint =
            $kept === '' ? 'Of what is sent, such as 30 × 20 × 5 cm.' : '= ' . Dimensions::fromText($kept)->in($other);

        return [new DetailInput($this->label(), $kept, hint: $hint)];
    }

    public function term(string $kept, Currency $currency): string
    {
        return $kept;
    }

    /** In the unit codes of UN/ECE Recommendation 20. */
    public function linked(string $kept): array
    {
        $measures = array_map(
            fn(Quantity $side): array => [
                '@type' => 'QuantitativeValue',
                'value' => json_decode((string) $side->number),
                'unitCode' => $side->unit->commonCode(),
            ],
            Dimensions::fromText($kept)->sides,
        );

        return ['depth' => $measures[0], 'width' => $measures[1], 'height' => $measures[2]];
    }
}
