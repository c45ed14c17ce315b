<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Store\PlacementRow;

/** A picture that is here already, and could fill a hole. */
final readonly class HoleOffer
{
    /**
     * @param ?string $thumb address; null while it is being read
     * @param string $where what it is linked to now
     */
    public function __construct(public PlacementRow $row, public ?string $thumb, public string $where) {}
}
