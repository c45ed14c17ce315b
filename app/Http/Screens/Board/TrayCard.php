<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Store\PlacementRow;

/** A picture in the tray as drawn. */
final readonly class TrayCard
{
    /**
     * @param  list<string>  $badges  roles done in the selection, such as "Lead"
     * @param  list<string>  $reasons  sentences: why it is here, and why it has its roles
     * @param  int  $place  in the gallery, from 1; 0 outside one
     */
    public function __construct(
        public PlacementRow $row,
        public ?string $thumb,
        public string $text,
        public string $reach,
        public array $badges = [],
        public array $reasons = [],
        public int $place = 0,
        public bool $isHidden = false,
    ) {}
}
