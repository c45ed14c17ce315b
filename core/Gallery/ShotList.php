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

    public function place(?View $view): ?int
    {
        $place = array_search($view, $this->views, true);

        return $place === false ? null : (int) $place;
    }

    public function requires(View $view): bool
    {
        return in_array($view, $this->required, true);
    }
}
