<?php

declare(strict_types=1);

namespace Core\Text;

use Core\CoreException;

final class UnreadableNumber extends CoreException
{
    /** @param  string  $typed  as it was typed */
    public static function noNumber(string $typed): self
    {
        return new self(
            trim($typed) === ''
                ? 'Type a number, such as 49.50.'
                : "“{$typed}” is not a number. Type one such as 49.50.",
        );
    }

    /** @param  string  $decimal  the reading with three digits behind the decimal sign */
    public static function twoReadings(string $typed, string $decimal, string $whole): self
    {
        $clear = str_ends_with($decimal, '0') ? rtrim(rtrim($decimal, '0'), '.') : $decimal . '0';

        return new self(
            "“{$typed}” can be read as {$decimal} or as {$whole}. Type {$clear} for the one, {$whole} for the other.",
        );
    }
}
