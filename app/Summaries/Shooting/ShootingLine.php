<?php

declare(strict_types=1);

namespace App\Summaries\Shooting;

use Core\Gallery\Coverage\Need;
use Core\Gallery\View;

/** A picture that is missing. */
final readonly class ShootingLine
{
    /**
     * @param  array<string, string>  $choice  axis name => label, of the picture axes; nothing for the whole product
     * @param  string  $color  its label, where the product has colors
     * @param  string  $selected  the part as the board knows it
     * @param  int  $skus  that do not show it
     * @param  string  $file  the name under which the intake knows it at once; empty where there is none
     */
    public function __construct(
        public string $code,
        public string $name,
        public array $choice,
        public string $color,
        public string $selected,
        public View $view,
        public Need $need,
        public int $skus,
        public string $file,
    ) {}

    public function part(): string
    {
        return $this->choice === [] ? 'the whole product' : implode(', ', $this->choice);
    }
}
