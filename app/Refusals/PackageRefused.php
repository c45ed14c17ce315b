<?php

declare(strict_types=1);

namespace App\Refusals;

use Core\Refusal;

/** A package that cannot be written, or read. */
final class PackageRefused extends Refusal
{
    private const NAMED = 3;

    /** @param  list<string>  $names  pictures whose files are not there */
    public static function lost(array $names): self
    {
        $more = count($names) - self::NAMED;

        return new self(
            'The files of pictures are missing on this server: ' .
                implode(', ', array_slice($names, 0, self::NAMED)) .
                ($more > 0 ? " and {$more} more" : '') .
                '. Look at the page of the system’s status, then pack again.',
        );
    }
}
