<?php

declare(strict_types=1);

namespace Core\Codes;

use Core\CoreException;

/** A pattern by which no codes can be made. */
final class UnreadableCodePattern extends CoreException
{
    public static function noText(string $typed): self
    {
        return new self(
            '“' .
                mb_substr($typed, 0, 30) .
                '” cannot stand in a code: use up to 20 letters, digits, dots, dashes, slashes and underscores, a letter or digit first.',
        );
    }

    public static function noNumber(string $typed, int $most): self
    {
        return new self(
            '“' .
                mb_substr($typed, 0, 30) .
                "” is not a first number. Type up to {$most} digits, as long as all numbers are to be, such as 001.",
        );
    }

    public static function isEmpty(): self
    {
        return new self('A pattern needs at least one part. Choose what stands first.');
    }

    public static function isTwice(string $what): self
    {
        return new self("The {$what} stands in the pattern twice. Take one away.");
    }

    public static function noSeparator(string $typed): self
    {
        return new self('“' . mb_substr($typed, 0, 10) . '” cannot stand between the parts: use - . _ / or nothing.');
    }

    public static function noLength(string $typed, int $most): self
    {
        return new self(
            '“' . mb_substr($typed, 0, 20) . "” is no greatest length: type a whole number from 4 to {$most}.",
        );
    }
}
