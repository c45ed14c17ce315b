<?php

declare(strict_types=1);

namespace Core\Checks;

/** One breach of a check. */
final readonly class Finding
{
    /**
     * @param  string  $message  what is wrong, in words
     * @param  list<string>  $cells  keys of the SKUs that it is about; none where it is about the product
     * @param  list<int>  $valueIds  the values that it is about, the one to be mended first
     * @param  ?float  $distance  ΔE00, where it is about one
     * @param  ?int  $placementId  the picture that it is about
     * @param  int  $count  how many SKUs, pictures or places are in breach
     */
    public function __construct(
        public Check $check,
        public string $message,
        public array $cells = [],
        public array $valueIds = [],
        public ?float $distance = null,
        public ?int $placementId = null,
        public int $count = 1,
    ) {}
}
