<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Store\Library\ViewShelf;
use Core\Gallery\View as GalleryView;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** The views of the library, to choose one of. */
final class ViewOptions extends Component
{
    public function __construct(private readonly ViewShelf $shelf, public readonly ?GalleryView $chosen = null) {}

    /** @return list<GalleryView> */
    public function views(): array
    {
        return $this->shelf->views()->all;
    }

    public function render(): View
    {
        return view('components.view-options');
    }
}
