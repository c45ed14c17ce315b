<?php

declare(strict_types=1);

namespace Core\Gallery\Coverage;

use Core\Gallery\Galleries;
use Core\Gallery\Gallery;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Reach\Clause;

/**
 * For every combination of picture axes that has a made cell, and each view on the shot list: there, shared, or
 * missing.
 */
final readonly class Coverage
{
    /** @param  array<string, CoverageRow>  $rows by the picture combination's key, in the product's order */
    private function __construct(public array $rows) {}

    /**
     * A view counts where every made cell of the combination shows it.
     *
     * @param  list<Combination>  $made  in the product's order
     */
    public static function of(Matrix $matrix, array $made, Galleries $galleries, ShotList $shotList): self
    {
        $axisIds = array_map(fn(Axis $axis): int => $axis->id, $matrix->pictureAxes());
        $parts = $alike = $times = [];
        foreach ($made as $cell) {
            $part = $cell->on($axisIds);
            $gallery = $galleries->of($cell);
            $parts[$part->key] = $part;
            $alike[$part->key][spl_object_id($gallery)] = $gallery;
            $times[$part->key][spl_object_id($gallery)] = ($times[$part->key][spl_object_id($gallery)] ?? 0) + 1;
        }
        $rows = [];
        foreach ($parts as $key => $part) {
            $skus = array_sum($times[$key]);
            $shown = array_map(fn(Gallery $gallery): array => self::shown($gallery, $part), $alike[$key]);
            $cells = [];
            foreach ($shotList->shots as $view => $shot) {
                $cells[$view] = self::cell(
                    $shot,
                    array_column($shown, $view),
                    $skus,
                    self::lacking((string) $view, $shown, $times[$key]),
                );
            }
            $rows[(string) $key] = new CoverageRow(
                $part,
                $skus,
                self::touched($shotList, $shown, $times[$key]),
                $cells,
            );
        }

        return new self($rows);
    }

    /** Required views there or shared ÷ required, in whole percent rounded down; 100 where none is required. */
    public function percent(): int
    {
        $required = $had = 0;
        foreach ($this->rows as $row) {
            foreach ($row->cells as $cell) {
                if ($cell->shot->need === Need::Required) {
                    $required++;
                    $had += $cell->cover === Cover::Missing ? 0 : 1;
                }
            }
        }

        return $required === 0 ? 100 : intdiv(100 * $had, $required);
    }

    /**
     * The views that a gallery shows.
     *
     * @return array<string, array{Cover, list<int>}> by the view's key: by what it is covered, and with which
     *   placements
     */
    private static function shown(Gallery $gallery, Combination $part): array
    {
        $shown = [];
        foreach ($gallery->entries as $entry) {
            $view = $entry->placement->view?->key;
            if ($view !== null) {
                $shown[$view] ??= [Cover::Shared, []];
                $shown[$view][1][] = $entry->placement->id;
                if (self::isNarrowedTo($part, $entry->through)) {
                    $shown[$view][0] = Cover::There;
                }
            }
        }

        return $shown;
    }

    /** @param  list<array{Cover, list<int>}>  $shown  by those galleries that show the view */
    private static function cell(Shot $shot, array $shown, int $skus, int $lacking): CoverageCell
    {
        $cover = match (true) {
            $lacking > 0 => Cover::Missing,
            in_array(Cover::Shared, array_column($shown, 0), true) => Cover::Shared,
            default => Cover::There,
        };

        return new CoverageCell(
            $shot,
            $cover,
            $skus,
            $lacking,
            array_values(array_unique(array_merge(...array_column($shown, 1)))),
        );
    }

    /**
     * @param  array<int, array<string, array{Cover, list<int>}>>  $shown  by gallery
     * @param  array<int, int>  $times  gallery => made cells that show it
     * @return int made cells that do not show the view
     */
    private static function lacking(string $view, array $shown, array $times): int
    {
        return array_sum(
            array_filter($times, fn(int $gallery): bool => !isset($shown[$gallery][$view]), ARRAY_FILTER_USE_KEY),
        );
    }

    /**
     * @param  array<int, array<string, array{Cover, list<int>}>>  $shown  by gallery
     * @param  array<int, int>  $times  gallery => made cells that show it
     * @return int made cells that lack a required view
     */
    private static function touched(ShotList $shotList, array $shown, array $times): int
    {
        $required = array_filter($shotList->shots, fn(Shot $shot): bool => $shot->need === Need::Required);

        return array_sum(
            array_filter(
                $times,
                fn(int $gallery): bool => array_diff_key($required, $shown[$gallery]) !== [],
                ARRAY_FILTER_USE_KEY,
            ),
        );
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
