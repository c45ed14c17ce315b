<?php

declare(strict_types=1);

namespace App\Intake;

use Illuminate\Support\Carbon;

/** What somebody did with a drop. */
final readonly class DropNote
{
    public function __construct(public string $who, public string $words, private Carbon $when) {}

    /** On the reader's own clock. */
    public function at(string $format): string
    {
        return $this->when->setTimezone(config('slate.readers_zone'))->translatedFormat($format);
    }
}
