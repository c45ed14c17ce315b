<?php

declare(strict_types=1);

namespace Core\Checks;

/** One breach of a check on swatches. */
final readonly class SwatchFinding
{
    /**
     * @param  string  $message  a sentence for a person
     * @param  non-empty-list<int>  $valueIds  the values it is about, the one to be mended first
     * @param  ?float  $distance  ΔE00, where it is about one
     * @param  ?int  $placementId  the picture it is about
     */
    public function __construct(
        public SwatchCheck $check,
        public string $message,
        public array $valueIds,
        public ?float $distance = null,
        public ?int $placementId = null,
    ) {
    }
}
