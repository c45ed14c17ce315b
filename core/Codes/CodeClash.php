<?php

declare(strict_types=1);

namespace Core\Codes;

use Core\CoreException;

final class CodeClash extends CoreException
{
    public static function between(string $code, string $owner, string $other): self
    {
        return new self("“{$code}” would be the code of {$owner} and of {$other}. Give one of their values a longer code.");
    }

    public static function tooLong(string $code, int $longest): self
    {
        return new self("“{$code}” is longer than {$longest} characters. Shorten the product's code or its values' codes.");
    }
}
