<?php

declare(strict_types=1);

namespace Core\Text;

use Core\CoreException;

final class UnreadableDay extends CoreException
{
    public static function called(string $typed): self
    {
        return new self(
            '“' . mb_substr($typed, 0, 20) . '” is not a day. Type year, month and day, such as 2026-12-24.',
        );
    }

    public static function twoReadings(string $typed, Day $one, Day $other): self
    {
        return new self(
            '“' .
                mb_substr($typed, 0, 20) .
                "” can be read as {$one->inWords()} or as {$other->inWords()}. Type {$one->iso} for the one, " .
                "{$other->iso} for the other.",
        );
    }
}
