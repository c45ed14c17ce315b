<?php

declare(strict_types=1);

namespace App\View\Components;

use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A file's name, in two pieces: where there is no room the beginning is cut, since such names differ at the end. */
final class FileName extends Component
{
    /** Letters at the end that are always shown. */
    private const END = 12;

    public readonly string $beginning;

    public readonly string $end;

    public function __construct(public readonly string $name)
    {
        $length = mb_strlen($name);
        $beginning = $length - min(self::END, intdiv($length, 2));
        $this->beginning = mb_substr($name, 0, $beginning);
        $this->end = mb_substr($name, $beginning);
    }

    public function render(): View
    {
        return view('components.file-name');
    }
}
