<?php

declare(strict_types=1);

namespace Core\Matching\Fingerprints;

use Core\CoreException;

final class UnreadableFingerprint extends CoreException
{
    public static function of(string $hex): self
    {
        return new self("“{$hex}” is no fingerprint of a picture: it has 16 digits of 0 to 9 and a to f.");
    }

    public static function sample(int $width, int $height): self
    {
        return new self("A fingerprint is taken from 32 × 32 pixels, not {$width} × {$height}.");
    }
}
