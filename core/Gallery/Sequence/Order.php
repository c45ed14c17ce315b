<?php

declare(strict_types=1);

namespace Core\Gallery\Sequence;

use Core\Gallery\Coverage\NumberedShot;
use Core\Gallery\Coverage\ShotList;
use Core\Gallery\Entry;
use Core\Gallery\Galleries;
use Core\Gallery\Gallery;
use Core\Gallery\Placement;
use Core\Gallery\View;
use Core\Matrix\Combination;

/** The one order of a product's placements, and the ways to change it. */
final class Order
{
    /**
     * Moves a picture within one gallery. In the one order it goes between its new neighbors, as near
     * to where it was as they allow, so that other galleries change as little as possible.
     *
     * @param  list<int>  $order  all placement ids, in order
     * @param  list<int>  $gallery  the ids of one gallery, in order
     * @param  int  $to  the place in the gallery, from 0; past the ends is the end
     * @return list<int>
     */
    public function move(array $order, array $gallery, int $id, int $to): array
    {
        $from = array_search($id, $gallery, true);
        $to = max(0, min($to, count($gallery) - 1));
        if ($from === false || $from === $to) {
            return $order;
        }
        $rest = array_values(array_filter($order, fn(int $other): bool => $other !== $id));
        $neighbors = array_values(array_filter($gallery, fn(int $other): bool => $other !== $id));
        $at =
            $to > $from
                ? (int) array_search($neighbors[$to - 1], $rest, true) + 1
                : (int) array_search($neighbors[$to], $rest, true);
        array_splice($rest, $at, 0, [$id]);

        return $rest;
    }

    /**
     * Sorts by the shot list's views. Other views come after, those of one view together in the order in which views
     * first stand, then pictures without one. Pictures of the same view stand in the order of the values they are of,
     * since a gallery may show several; those of the same keep their order.
     *
     * @param  list<Placement>  $placements  in order
     * @param  list<Combination>  $cells  the made cells, in the product's order
     * @return list<int>
     */
    public function byShotList(array $placements, ShotList $shotList, array $cells): array
    {
        $others = array_flip(
            array_values(
                array_unique(
                    array_filter(array_map(fn(Placement $placement): ?string => $placement->view?->key, $placements)),
                ),
            ),
        );
        $rank = fn(?View $view): int => $shotList->place($view) ??
            count($shotList->shots) + ($others[$view->key ?? ''] ?? count($others));
        $firsts = $this->firsts($cells);
        $ranks = array_map(
            fn(Placement $placement): array => [$rank($placement->view), $this->firstCell($placement, $cells, $firsts)],
            $placements,
        );
        asort($ranks);

        return array_map(fn(int $at): int => $placements[$at]->id, array_keys($ranks));
    }

    /**
     * The place of the first cell that a placement reaches; behind all where it reaches none.
     *
     * @param  list<Combination>  $cells
     * @param  array<int, array<int, int>>  $firsts  axis id => value id => place of the first cell with it
     */
    private function firstCell(Placement $placement, array $cells, array $firsts): int
    {
        $first = count($cells);
        foreach ($placement->reach->clauses as $clause) {
            $sets = $clause->values();
            if (count($sets) === 1) {
                $axisId = (int) array_key_first($sets);
                $first = min([
                    $first,
                    ...array_values(array_intersect_key($firsts[$axisId] ?? [], array_flip($sets[$axisId]))),
                ]);

                continue;
            }
            for ($place = 0; $place < $first; $place++) {
                if ($clause->covers($cells[$place])) {
                    $first = $place;
                }
            }
        }

        return $first;
    }

    /**
     * @param  list<Combination>  $cells
     * @return array<int, array<int, int>> axis id => value id => place of the first cell with it
     */
    private function firsts(array $cells): array
    {
        $firsts = [];
        foreach ($cells as $place => $cell) {
            foreach ($cell->values as $axisId => $valueId) {
                $firsts[$axisId][$valueId] ??= $place;
            }
        }

        return $firsts;
    }

    /**
     * Gives every gallery the same sequence of views as the chosen one: the first front where its first front
     * stands, the second detail where its second detail stands. What the chosen gallery does not show comes after, in
     * its present order. A gallery that matches already keeps its order, and so does one that cannot be matched
     * without breaking another, since they share pictures.
     *
     * @param  list<Placement>  $placements  in order
     * @param  list<Combination>  $cells  the made cells, in the product's order
     */
    public function matchedTo(Combination $chosen, array $placements, array $cells, Galleries $galleries): Matched
    {
        $wanted = [];
        foreach ($this->shots($galleries->of($chosen)) as $place => $shot) {
            $wanted[$shot->key] = $place;
        }
        $chains = [];
        $at = [];
        foreach ([$chosen, ...$cells] as $cell) {
            $gallery = $galleries->of($cell);
            $key = implode(',', $gallery->placementIds());
            $chains[$key] ??= $this->chain($gallery, $wanted);
            $at[$key] ??= $cell;
        }
        $keys = array_map(strval(...), array_keys($chains));
        $matched = array_filter($keys, fn(string $key): bool => $key === implode(',', $chains[$key]));
        $order = new Precedence(array_map(fn(Placement $placement): int => $placement->id, $placements));
        foreach ($matched as $key) {
            $order = $order->with($chains[$key]) ?? $order;
        }
        $mismatches = [];
        foreach (array_diff($keys, $matched) as $key) {
            $next = $order->with($chains[$key]);
            if ($next === null) {
                [$first, $second] = $order->contradicted($chains[$key]);
                $mismatches[] = new Mismatch($at[$key], $first, $second);
            }
            $order = $next ?? $order;
        }

        return new Matched($order->sorted(), $mismatches);
    }

    /**
     * The pictures of a gallery in the wanted sequence.
     *
     * @param  array<string, int>  $wanted  view with its count => place
     * @return list<int>
     */
    private function chain(Gallery $gallery, array $wanted): array
    {
        $ranks = [];
        foreach ($this->shots($gallery) as $shot) {
            $ranks[$shot->placementId] = $wanted[$shot->key] ?? PHP_INT_MAX;
        }
        asort($ranks);

        return array_keys($ranks);
    }

    /** @return list<NumberedShot> */
    private function shots(Gallery $gallery): array
    {
        return NumberedShot::of(array_map(fn(Entry $entry): Placement => $entry->placement, $gallery->entries));
    }
}
