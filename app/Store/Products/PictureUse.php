<?php

declare(strict_types=1);

namespace App\Store\Products;

/** Where a stored picture is used. */
final readonly class PictureUse
{
    /**
     * @param  string  $where  the part of the product, in words; "not linked" for its tray
     * @param  string  $view  empty where nobody said it
     * @param  list<string>  $roles  that it was given, as said on screen
     * @param  bool  $isRemoved  whether the making of the product is undone
     */
    public function __construct(
        public string $code,
        public string $product,
        public string $file,
        public string $where,
        public string $view,
        public array $roles,
        public bool $isRemoved,
    ) {}
}
