<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

/** Groups of a shoot that show one thing in several colors, in the same views one after the other. */
final readonly class ShotSeries
{
    /**
     * @param  non-empty-list<ShotGroup>  $groups  in the order of taking
     * @param  list<ShotLook>  $forms  what is seen at the place of each view
     * @param  array<array-key, int>  $placeOf  at which place each picture stands, from 0, by its key
     */
    public function __construct(public array $groups, public array $forms, public array $placeOf) {}
}
