<?php

declare(strict_types=1);

namespace Core\Changes\Codes;

use Core\Refusal;
use Core\RefusalKind;

/** The code of a product, as somebody types it. */
final readonly class ProductCode
{
    public const PATTERN = '/^[A-Za-z0-9][A-Za-z0-9._-]{0,39}$/';

    /** @throws Refusal where it cannot be a code */
    public static function read(string $typed): string
    {
        $code = trim($typed);
        if (preg_match(self::PATTERN, $code) !== 1) {
            throw new Refusal(
                'A code of a product has up to 40 letters, digits, points, dashes and underscores, and begins with a' .
                    ' letter or a digit.',
                RefusalKind::Unreadable,
                'code',
            );
        }

        return $code;
    }
}
