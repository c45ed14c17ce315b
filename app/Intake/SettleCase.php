<?php

declare(strict_types=1);

namespace App\Intake;

/** A picture of a drop with what its pane needs of the others. */
final readonly class SettleCase
{
    /**
     * @param  array<string, string>  $products  code => name of those that others of the drop are of, the most first
     * @param  list<string>  $alike  others for which the same is to be decided: file id and what a page showed of it
     */
    public function __construct(public ReadFile $file, public array $products, public array $alike) {}
}
