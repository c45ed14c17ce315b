<?php

declare(strict_types=1);

namespace Core\Gallery\AltTexts;

use Core\CoreException;

final class UnreadablePattern extends CoreException
{
    public static function unknownPart(string $part): self
    {
        return new self("A pattern knows no {{$part}}. It can have " . self::parts() . '.');
    }

    public static function noPart(): self
    {
        return new self('A pattern without parts would be the same for every picture. Put in ' . self::parts() . '.');
    }

    private static function parts(): string
    {
        return implode(', ', array_map(fn(string $part): string => "{{$part}}", AltText::PARTS));
    }
}
