<?php

declare(strict_types=1);

namespace Core\Text;

use Core\CoreException;

final class UnreadableTranslation extends CoreException
{
    /** @param  string  $line  as it was typed */
    public static function line(string $line): self
    {
        return new self(
            "“{$line}” is not a translation. Type a language tag, a colon and the name, such as “de: Moos”.",
        );
    }

    /** @param  string  $tag  of the language that stands twice */
    public static function twice(string $tag): self
    {
        return new self("There are two translations for {$tag}. Keep one.");
    }
}
