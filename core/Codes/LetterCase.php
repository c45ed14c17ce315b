<?php

declare(strict_types=1);

namespace Core\Codes;

/** How the letters of codes are written. */
enum LetterCase: string
{
    case AsIs = 'as they are';
    case Upper = 'capitals';
    case Lower = 'small';

    public function of(string $code): string
    {
        return match ($this) {
            self::AsIs => $code,
            self::Upper => strtoupper($code),
            self::Lower => strtolower($code),
        };
    }
}
