<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use Core\Gallery\Coverage\Need;
use Core\Gallery\View;

/** A view in the dialog of a shot list. */
final readonly class ListedView
{
    /**
     * @param ?Need $need how much the list needs it; null where it does not have it
     */
    public function __construct(public View $view, public ?Need $need) {}
}
