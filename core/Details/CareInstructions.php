<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Details\Types\ListDetail;

/**
 * How something is to be washed, dried and ironed. The usual words are those for the five treatments that labels in
 * garments speak of, in the order in which labels have them: washing, bleaching, drying, ironing, dry cleaning.
 */
final readonly class CareInstructions
{
    public const USUAL = [
        'Machine wash at 30 °C',
        'Machine wash at 40 °C',
        'Machine wash at 60 °C',
        'Gentle wash at 30 °C',
        'Hand wash',
        'Do not wash',
        'Wash with like colors',
        'Do not bleach',
        'Tumble dry low',
        'Do not tumble dry',
        'Dry flat',
        'Line dry in the shade',
        'Iron low',
        'Iron at medium heat',
        'Do not iron',
        'Dry clean',
        'Do not dry clean',
        'Wipe with a damp cloth',
    ];

    private const MOST = 10;

    public static function type(): DetailType
    {
        return new ListDetail(
            'Care instructions',
            self::MOST,
            'With commas between, such as Hand wash, Do not tumble dry.',
            '/[,;|\r\n]/u',
            ', ',
            'care',
            isTerm: true,
            usual: self::USUAL,
        );
    }
}
