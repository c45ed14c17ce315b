<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Reach\Clause;
use Core\Reach\Reach;

/**
 * The galleries of all SKUs of a product.
 *
 * Values that every clause treats alike fall into one class, so that what is computed once serves
 * all cells of the same classes; and each clause writes only to the classes it covers, so the work
 * grows with what is written, not with cells times placements.
 */
final class Galleries
{
    /** @var array<int, array<int, int>> axis id => value id => what the value adds to a cell's class */
    private array $steps = [];

    /** @var list<Entry> every entry written once; the classes refer to them by number */
    private array $entries = [];

    /** @var array<int, list<int>> class => numbers of its entries in order, hidden ones too */
    private array $reaching = [];

    /** @var array<int, Gallery> class => gallery */
    private array $byClass = [];

    /** @var array<string, Gallery> the numbers of its entries => gallery: classes that show the same share it */
    private array $byContent = [];

    private readonly RoleChooser $chooser;

    /**
     * @param  list<Combination>  $made  the made cells, in the product's order
     * @param  list<Placement>  $placements  in the one order
     * @param  ?Combination  $opening  the cell a shopper sees before choosing
     */
    public function __construct(
        private readonly Matrix $matrix,
        private readonly array $made,
        private readonly array $placements,
        private readonly ?Combination $opening = null,
    ) {
        $this->chooser = new RoleChooser($made);
        $reaches = array_map(fn (Placement $placement): Reach => $placement->reach->activeIn($matrix), $placements);
        $hidden = array_map(fn (Placement $placement): Reach => $placement->hidden->activeIn($matrix), $placements);
        $this->classify([...$reaches, ...$hidden]);
        foreach ($placements as $at => $placement) {
            $this->write($placement, $reaches[$at], $hidden[$at]);
        }
    }

    /** The gallery of a cell, made or not. */
    public function of(Combination $cell): Gallery
    {
        return $this->ofClass($this->classOf($cell));
    }

    /** @return array<string, Gallery> made cell's key => gallery */
    public function all(): array
    {
        $all = [];
        foreach ($this->made as $cell) {
            $all[$cell->key] = $this->of($cell);
        }

        return $all;
    }

    /**
     * The gallery of a partial choice: the placements that cover every made SKU still in question; if
     * there are none, those that cover any. Nothing chosen: the opening SKU's. A choice that no
     * made SKU answers is seen as its picture axes alone, then as nothing chosen.
     */
    public function forChoice(Combination $choice): Gallery
    {
        if ($choice->values === []) {
            return $this->forOpening();
        }
        $remaining = array_filter($this->made, fn (Combination $cell): bool => $cell->includes($choice));
        if ($remaining === []) {
            $pictureAxes = array_map(fn ($axis): int => $axis->id, $this->matrix->pictureAxes());
            $seen = $choice->on($pictureAxes);

            return $this->forChoice($seen->key === $choice->key ? Combination::of([]) : $seen);
        }
        $classes = array_values(array_unique(array_map($this->classOf(...), $remaining)));

        return count($classes) === 1 ? $this->ofClass($classes[0]) : $this->merged($classes);
    }

    private function forOpening(): Gallery
    {
        $cells = $this->opening === null ? $this->made : [$this->opening, ...$this->made];
        foreach ($cells as $cell) {
            $gallery = $this->of($cell);
            if (! $gallery->isEmpty()) {
                return $gallery;
            }
        }
        $entries = [];
        foreach ($this->placements as $placement) {
            $clause = $placement->reach->activeIn($this->matrix)->clauses[0] ?? null;
            if ($clause !== null) {
                $entries[] = new Entry($placement, $clause);
            }
        }

        return new Gallery($entries, [], $this->chooser->choose($entries, $entries));
    }

    /** @param  non-empty-list<int>  $classes */
    private function merged(array $classes): Gallery
    {
        $seen = [];
        $first = [];
        foreach ($classes as $class) {
            foreach ($this->ofClass($class)->entries as $entry) {
                $seen[$entry->placement->id] = ($seen[$entry->placement->id] ?? 0) + 1;
                $first[$entry->placement->id] ??= $entry;
            }
        }
        $everywhere = array_filter($seen, fn (int $times): bool => $times === count($classes));
        $chosen = $everywhere === [] ? $seen : $everywhere;
        $entries = [];
        foreach ($this->placements as $placement) {
            if (isset($chosen[$placement->id])) {
                $entries[] = $first[$placement->id];
            }
        }

        return new Gallery($entries, [], $this->chooser->choose($entries, $entries));
    }

    private function ofClass(int $class): Gallery
    {
        if (! isset($this->byClass[$class])) {
            $numbers = $this->reaching[$class] ?? [];
            $this->byClass[$class] = $this->byContent[implode(',', $numbers)] ??= $this->build($numbers);
        }

        return $this->byClass[$class];
    }

    /** @param list<int> $numbers */
    private function build(array $numbers): Gallery
    {
        $reaching = [];
        $shown = [];
        $hidden = [];
        foreach ($numbers as $number) {
            $entry = $this->entries[$number];
            $reaching[] = $entry;
            if ($entry->isHidden) {
                $hidden[] = $entry;
            } else {
                $shown[] = $entry;
            }
        }

        return new Gallery($shown, $hidden, $this->chooser->choose($reaching, $shown));
    }

    private function classOf(Combination $cell): int
    {
        $class = 0;
        foreach ($cell->values as $axisId => $valueId) {
            $class += $this->steps[$axisId][$valueId] ?? 0;
        }

        return $class;
    }

    /** @param  list<Reach>  $reaches */
    private function classify(array $reaches): void
    {
        $marks = [];
        $number = 0;
        foreach ($reaches as $reach) {
            foreach ($reach->clauses as $clause) {
                $number++;
                foreach ($clause->values() as $axisId => $valueIds) {
                    foreach ($valueIds as $valueId) {
                        $marks[$axisId][$valueId] = ($marks[$axisId][$valueId] ?? '').','.$number;
                    }
                }
            }
        }
        $stride = 1;
        foreach ($this->matrix->axes as $axis) {
            $classes = [];
            foreach ($axis->valueIds() as $valueId) {
                $mark = $marks[$axis->id][$valueId] ?? '';
                $classes[$mark] ??= count($classes);
                $this->steps[$axis->id][$valueId] = $classes[$mark] * $stride;
            }
            $stride *= max(1, count($classes));
        }
    }

    private function write(Placement $placement, Reach $reach, Reach $hidden): void
    {
        $clauses = $reach->clauses;
        if (count($clauses) > 1) {
            // The widest first, so that the narrowest has the last word.
            usort($clauses, fn (Clause $a, Clause $b): int => $this->chooser->narrowerFirst(new Entry($placement, $b), new Entry($placement, $a)));
        }
        $numbers = [];
        foreach ($clauses as $clause) {
            $number = $this->number(new Entry($placement, $clause));
            foreach ($this->classesOf($clause) as $class) {
                $numbers[$class] = $number;
            }
        }
        $hiddenNumbers = [];
        foreach ($hidden->clauses as $clause) {
            foreach ($this->classesOf($clause) as $class) {
                $number = $numbers[$class] ?? null;
                if ($number !== null && ! $this->entries[$number]->isHidden) {
                    $numbers[$class] = $hiddenNumbers[$number] ??= $this->number(new Entry($placement, $this->entries[$number]->through, true));
                }
            }
        }
        foreach ($numbers as $class => $number) {
            $this->reaching[$class][] = $number;
        }
    }

    private function number(Entry $entry): int
    {
        $this->entries[] = $entry;

        return count($this->entries) - 1;
    }

    /** @return list<int> */
    private function classesOf(Clause $clause): array
    {
        $limits = $clause->values();
        $classes = [0];
        foreach ($this->steps as $axisId => $steps) {
            $own = array_unique(isset($limits[$axisId]) ? array_intersect_key($steps, array_flip($limits[$axisId])) : $steps);
            if (count($own) === 1) {
                $step = reset($own);
                foreach ($classes as $at => $class) {
                    $classes[$at] = $class + $step;
                }

                continue;
            }
            $wider = [];
            foreach ($classes as $class) {
                foreach ($own as $step) {
                    $wider[] = $class + $step;
                }
            }
            $classes = $wider;
        }

        return $classes;
    }
}
