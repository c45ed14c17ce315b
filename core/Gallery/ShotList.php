<?php

declare(strict_types=1);

namespace Core\Gallery;

/** The ordered views a kind of product needs. */
final readonly class ShotList
{
    /**
     * @param  list<View>  $views  in order
     * @param  list<View>  $required  those that must not be missing
     */
    public function __construct(
        public array $views,
        public array $required,
    ) {
    }

    /** @return ?int the place of a view on the list, from 0; null where the list does not have it */
    public function place(?View $view): ?int
    {
        $place = array_search($view, $this->views, true);

        return $place === false ? null : (int) $place;
    }

    /** Whether the view must not be missing; false where it is only wanted, or not on the list. */
    public function requires(View $view): bool
    {
        return in_array($view, $this->required, true);
    }
}
