<?php

declare(strict_types=1);

namespace Core\Product;

/** Something of the library that a product follows: a shot list, a code pattern. */
final readonly class LibraryRef
{
    /** @param  string  $name  by which another catalog finds its own */
    public function __construct(public int $id, public string $name) {}

    /** Whether both follow the same; none is the same as none. */
    public static function same(?self $one, ?self $other): bool
    {
        return $one?->id === $other?->id;
    }
}
