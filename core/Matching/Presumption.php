<?php

declare(strict_types=1);

namespace Core\Matching;

/** A product that a picture is taken to be of where its name says none: by the others of its folder, or by a value. */
final readonly class Presumption
{
    /**
     * @param  float  $confidence  at most, from 0 to 1
     * @param  string  $reason  a sentence
     * @param  string  $otherCode  what stands in the name where the product's code would; empty for nothing
     */
    public function __construct(
        public int $productId,
        public float $confidence,
        public string $reason,
        public string $otherCode = '',
    ) {}
}
