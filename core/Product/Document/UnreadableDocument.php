<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Core\CoreException;

/** A product's document that cannot be written or read as it is. */
final class UnreadableDocument extends CoreException
{
    public static function unknownHere(string $what): self
    {
        return new self("The library does not have {$what} that the product uses. Look at the product again.");
    }

    public static function noDocument(string $why): self
    {
        return new self("This is no document of a product: {$why}.");
    }

    public static function newer(int $version, int $known): self
    {
        return new self(
            "This document was written by a newer version ({$version}); this one reads up to {$known}. Update first.",
        );
    }

    /** @param  string  $place  such as "axes 2, values 3" */
    public static function at(string $place, string $why): self
    {
        return new self("The document of the product cannot be read at {$place}: {$why}.");
    }
}
