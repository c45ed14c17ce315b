<?php

declare(strict_types=1);

namespace App\History;

use Closure;

/** Tells that products were changed: each time, or once for many that are changed one after the other. */
final class Announcer
{
    private bool $isHeld = false;

    private bool $hasNews = false;

    public function changed(): void
    {
        if ($this->isHeld) {
            $this->hasNews = true;
        } else {
            event(new ProductsChanged());
        }
    }

    /** @param  Closure(): void  $work  what it changes is told when it is through */
    public function onceAfter(Closure $work): void
    {
        $this->isHeld = true;
        try {
            $work();
        } finally {
            $this->isHeld = false;
            if ($this->hasNews) {
                $this->hasNews = false;
                $this->changed();
            }
        }
    }
}
