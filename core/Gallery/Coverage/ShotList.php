<?php

declare(strict_types=1);

namespace Core\Gallery\Coverage;

use Core\Gallery\View;

/** The ordered views that a product needs. */
final readonly class ShotList
{
    /** @var array<string, Shot> by the view's key, in order */
    public array $shots;

    /** @param  list<Shot>  $shots  in order */
    public function __construct(array $shots)
    {
        $byView = [];
        foreach ($shots as $shot) {
            $byView[$shot->view->key] = $shot;
        }
        $this->shots = $byView;
    }

    /**
     * @param  list<View>  $views  in order
     * @param  list<View>  $required  those that must not be missing; the others are wanted
     */
    public static function of(array $views, array $required): self
    {
        $keys = array_column($required, 'key');

        return new self(
            array_map(
                fn(View $view): Shot => new Shot(
                    $view,
                    in_array($view->key, $keys, true) ? Need::Required : Need::Wanted,
                ),
                $views,
            ),
        );
    }

    /**
     * The same list where a product differs in single views. What the list does not have comes behind it.
     *
     * @param  list<Shot>  $own
     */
    public function differingIn(array $own): self
    {
        return new self([...array_values($this->shots), ...$own]);
    }

    /** @return ?int the place of a view on the list, from 0; null where the list does not have it */
    public function place(?View $view): ?int
    {
        $place = $view === null ? false : array_search($view->key, array_keys($this->shots), true);

        return $place === false ? null : (int) $place;
    }

    /** How much a view is needed; null where the list does not have it. */
    public function need(View $view): ?Need
    {
        return ($this->shots[$view->key] ?? null)?->need;
    }

    /** @return list<View> in order, but for those that are not wanted */
    public function views(): array
    {
        return array_values(
            array_map(
                fn(Shot $shot): View => $shot->view,
                array_filter($this->shots, fn(Shot $shot): bool => $shot->need !== Need::NotWanted),
            ),
        );
    }
}
