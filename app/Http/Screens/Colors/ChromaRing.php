<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

/** A ring of equal chroma on the color map. */
final readonly class ChromaRing
{
    /** How far across and down the ring is at 45°. */
    public float $diagonal;

    /**
     * @param int $chroma how colorful
     * @param float $radius in pixels
     */
    public function __construct(public int $chroma, public float $radius)
    {
        $this->diagonal = $radius / M_SQRT2;
    }
}
