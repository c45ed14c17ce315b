<?php

declare(strict_types=1);

namespace App\Intake\Addresses;

use RuntimeException;

/** Why nothing was fetched from an address, in words; whether it may be there later. */
final class AddressRefused extends RuntimeException
{
    private function __construct(string $why, public readonly bool $isForNow)
    {
        parent::__construct($why);
    }

    /** It will not be otherwise by itself. */
    public static function forGood(string $why): self
    {
        return new self($why, false);
    }

    /** It is tried again after a pause. */
    public static function forNow(string $why): self
    {
        return new self($why, true);
    }
}
