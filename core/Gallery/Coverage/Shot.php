<?php

declare(strict_types=1);

namespace Core\Gallery\Coverage;

use Core\Gallery\View;

/** A view on a shot list, and how much it is needed. */
final readonly class Shot
{
    /** @param  string  $reason  why a product differs here from its list; empty where it does not */
    public function __construct(public View $view, public Need $need, public string $reason = '') {}
}
