<?php

declare(strict_types=1);

namespace Core\Matching\Cards;

use Core\Gallery\View;
use Core\Matrix\Combination;

/** A card that is photographed before the pictures it stands for. */
final readonly class SlateCard
{
    /**
     * @param  string  $code  what its QR code holds
     * @param  Combination  $part  the picture combination; one that names nothing is the whole product
     * @param  ?View  $view  null where the card stands for every view
     * @param  list<View>  $views  what is to be photographed after it, in the order of the shot list
     */
    public function __construct(
        public string $code,
        public Combination $part,
        public ?View $view,
        public array $views,
    ) {}
}
