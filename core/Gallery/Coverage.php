<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Reach\Clause;

/** For every combination of picture axes that has a made cell, and each view on the shot list: there, shared, or missing. */
final readonly class Coverage
{
    /** @param  array<string, CoverageRow>  $rows by the picture combination's key */
    private function __construct(
        public array $rows,
        private ShotList $shotList,
    ) {
    }

    /**
     * A view counts where every made cell of the combination shows it.
     *
     * @param  list<Combination>  $made  in the product's order
     */
    public static function of(Matrix $matrix, array $made, Galleries $galleries, ShotList $shotList): self
    {
        $axisIds = array_map(fn (Axis $axis): int => $axis->id, $matrix->pictureAxes());
        $groups = [];
        foreach ($made as $cell) {
            $part = $cell->on($axisIds);
            $groups[$part->key][0] = $part;
            $groups[$part->key][1][] = $galleries->of($cell);
        }
        $rows = [];
        foreach ($groups as $key => [$part, $group]) {
            $distinct = array_map(fn (int $at): Gallery => $group[$at], array_keys(array_unique(array_map(spl_object_id(...), $group))));
            $views = [];
            foreach ($shotList->views as $view) {
                $views[$view->value] = self::cover($view, $part, $distinct);
            }
            $rows[(string) $key] = new CoverageRow($part, $views, $shotList);
        }

        return new self($rows, $shotList);
    }

    /** Required views there or shared ÷ required, in whole percent rounded down; 100 where none is required. */
    public function percent(): int
    {
        $required = 0;
        $had = 0;
        foreach ($this->rows as $row) {
            foreach ($this->shotList->required as $view) {
                $required++;
                $had += ($row->views[$view->value] ?? Cover::Missing) === Cover::Missing ? 0 : 1;
            }
        }

        return $required === 0 ? 100 : intdiv(100 * $had, $required);
    }

    /** @param  list<Gallery>  $galleries */
    private static function cover(View $view, Combination $part, array $galleries): Cover
    {
        $cover = Cover::There;
        foreach ($galleries as $gallery) {
            $here = Cover::Missing;
            foreach ($gallery->entries as $entry) {
                if ($entry->placement->view === $view) {
                    if (self::isNarrowedTo($part, $entry->through)) {
                        $here = Cover::There;

                        break;
                    }
                    $here = Cover::Shared;
                }
            }
            if ($here === Cover::Missing) {
                return Cover::Missing;
            }
            if ($here === Cover::Shared) {
                $cover = Cover::Shared;
            }
        }

        return $cover;
    }

    private static function isNarrowedTo(Combination $part, Clause $clause): bool
    {
        foreach (array_keys($part->values) as $axisId) {
            if (count($clause->values()[$axisId] ?? []) !== 1) {
                return false;
            }
        }

        return true;
    }
}
