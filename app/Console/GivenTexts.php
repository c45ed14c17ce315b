<?php

declare(strict_types=1);

namespace App\Console;

/** What was typed behind a command, as texts. */
trait GivenTexts
{
    /** An argument; empty where none was given. */
    private function text(string $argument): string
    {
        $given = $this->argument($argument);

        return is_string($given) ? $given : '';
    }

    /** An option with a value; null where it was not given. */
    private function optional(string $option): ?string
    {
        $given = $this->option($option);

        return is_string($given) ? $given : null;
    }

    /** @return list<string> of an option that can be given more than once */
    private function every(string $option): array
    {
        $given = $this->option($option);

        return is_array($given) ? array_values(array_filter($given, is_string(...))) : [];
    }
}
