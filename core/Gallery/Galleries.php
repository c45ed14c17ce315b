<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Gallery\Roles\RoleChooser;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Reach\Clause;
use Core\Reach\Reach;

/**
 * The galleries of all SKUs of a product.
 *
 * What is computed once serves all cells of the same class, and each clause writes only to the classes it
 * covers, so the work grows with what is written, not with cells times placements.
 */
final class Galleries
{
    private readonly CellClasses $classes;

    private readonly Opening $opening;

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
     * @param  ?Opening  $opening  what a shopper sees before choosing; null for the first made cell
     */
    public function __construct(
        private readonly Matrix $matrix,
        private readonly array $made,
        private readonly array $placements,
        ?Opening $opening = null,
    ) {
        $this->opening = $opening ?? new Opening($matrix, $made);
        $this->chooser = new RoleChooser($made);
        $reaches = array_map(fn(Placement $placement): Reach => $placement->reach->activeIn($matrix), $placements);
        $hidden = array_map(fn(Placement $placement): Reach => $placement->hidden->activeIn($matrix), $placements);
        $this->classes = new CellClasses($matrix, [...$reaches, ...$hidden]);
        foreach ($placements as $at => $placement) {
            $this->write($placement, $reaches[$at], $hidden[$at]);
        }
    }

    /**
     * The gallery of a cell, made or not. A SKU that lies outside of the matrix, since a value or an axis of its
     * own sleeps, has the pictures whose reach names it, dormant or not.
     */
    public function of(Combination $cell): Gallery
    {
        return $this->matrix->isCell($cell) ? $this->ofClass($this->classes->of($cell)) : $this->ofSleeper($cell);
    }

    /** @return array<int, true> ids of the placements that reach a made cell, hidden there or not */
    public function reaching(): array
    {
        $reaching = [];
        foreach (array_unique(array_map($this->classes->of(...), $this->made)) as $class) {
            foreach ($this->reaching[$class] ?? [] as $number) {
                $reaching[$this->entries[$number]->placement->id] = true;
            }
        }

        return $reaching;
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
     * The gallery of a partial choice. A picture axis that is open stands at its opening value among the SKUs still
     * in question, unless these look all alike; then the placements that cover every one of these SKUs, or if there are
     * none, those that cover any. Nothing chosen: the opening SKU's. A choice that no made SKU answers is seen as its
     * picture axes alone; if no made SKU answers these either, nothing is shown: never what another value looks like.
     *
     * @throws UnknownChoice where an axis or a value is not the product's
     */
    public function forChoice(Combination $choice): Gallery
    {
        foreach ($choice->values as $axisId => $valueId) {
            $axis = $this->matrix->axis($axisId) ?? throw UnknownChoice::axis($this->matrix);
            if (!$axis->has($valueId)) {
                throw UnknownChoice::value($axis);
            }
        }
        if ($choice->values === []) {
            return $this->forOpening();
        }
        $remaining = $this->madeIn($choice);
        if ($remaining === []) {
            $pictureAxes = array_map(fn($axis): int => $axis->id, $this->matrix->pictureAxes());
            $seen = $choice->on($pictureAxes);

            return $seen->key === $choice->key
                ? new Gallery([], [], $this->chooser->choose([], []))
                : $this->forChoice($seen);
        }
        $seen = $this->filledIn($choice);
        $classes = array_values(array_unique(array_map($this->classes->of(...), $this->madeIn($seen))));
        $gallery = $this->merged($classes);

        return $seen->key === $choice->key
            ? $gallery
            : $gallery->seenWith(Combination::of(array_diff_key($seen->values, $choice->values)));
    }

    /** The choice, with the opening value of every picture axis whose values in question do not look alike. */
    private function filledIn(Combination $choice): Combination
    {
        foreach ($this->matrix->pictureAxes() as $axis) {
            if ($choice->value($axis->id) === null) {
                $looks = [];
                foreach ($this->madeIn($choice) as $cell) {
                    $looks[$cell->value($axis->id)][spl_object_id($this->of($cell))] = true;
                }
                $alike = array_unique(
                    array_map(function (array $galleries): string {
                        ksort($galleries);

                        return implode(',', array_keys($galleries));
                    }, $looks),
                );
                $opening = count($alike) < 2 ? null : $this->opening->within($choice)?->value($axis->id);
                $choice = $opening === null ? $choice : $choice->with($axis->id, $opening);
            }
        }

        return $choice;
    }

    /** @return list<Combination> made cells that a choice leaves in question, in the product's order */
    private function madeIn(Combination $choice): array
    {
        return array_values(array_filter($this->made, fn(Combination $cell): bool => $cell->includes($choice)));
    }

    private function forOpening(): Gallery
    {
        $opening = $this->opening->cell();
        $cells = $opening === null ? $this->made : [$opening, ...$this->made];
        foreach ($cells as $cell) {
            $gallery = $this->of($cell);
            if (!$gallery->isEmpty()) {
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

    /**
     * What all of some classes show, or if that is nothing, what any of them shows. What reaches them all does its
     * jobs, hidden somewhere or not.
     *
     * @param  list<int>  $classes
     */
    private function merged(array $classes): Gallery
    {
        if (count($classes) === 1) {
            return $this->ofClass($classes[0]);
        }
        $shown = [];
        $reached = [];
        $first = [];
        foreach ($classes as $class) {
            $gallery = $this->ofClass($class);
            foreach ([...$gallery->entries, ...$gallery->hidden] as $entry) {
                $id = $entry->placement->id;
                $shown[$id] = ($shown[$id] ?? 0) + ($entry->isHidden ? 0 : 1);
                $reached[$id] = ($reached[$id] ?? 0) + 1;
                $first[$id] ??= $entry;
            }
        }
        $isEverywhere = fn(int $times): bool => $times === count($classes);
        $chosen = array_filter($shown, $isEverywhere) ?: array_filter($shown);
        $reaching = array_filter($reached, $isEverywhere) + $chosen;
        $entries = [];
        $all = [];
        foreach ($this->placements as $placement) {
            if (isset($chosen[$placement->id])) {
                $entries[] = $all[] = new Entry($placement, $first[$placement->id]->through);
            } elseif (isset($reaching[$placement->id])) {
                $all[] = new Entry($placement, $first[$placement->id]->through, true);
            }
        }

        return new Gallery($entries, [], $this->chooser->choose($all, $entries));
    }

    private function ofSleeper(Combination $cell): Gallery
    {
        $reaching = [];
        foreach ($this->placements as $placement) {
            $clauses = array_values(
                array_filter($placement->reach->clauses, fn(Clause $clause): bool => $clause->covers($cell)),
            );
            if ($clauses !== []) {
                $isHidden = $placement->hidden->covers($cell);
                $entries = array_map(fn(Clause $clause): Entry => new Entry($placement, $clause, $isHidden), $clauses);
                usort($entries, $this->chooser->narrowerFirst(...));
                $reaching[] = $entries[0];
            }
        }
        $shown = array_values(array_filter($reaching, fn(Entry $entry): bool => !$entry->isHidden));
        $hidden = array_values(array_filter($reaching, fn(Entry $entry): bool => $entry->isHidden));

        return new Gallery($shown, $hidden, $this->chooser->choose($reaching, $shown));
    }

    private function ofClass(int $class): Gallery
    {
        if (!isset($this->byClass[$class])) {
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

    private function write(Placement $placement, Reach $reach, Reach $hidden): void
    {
        $clauses = $reach->clauses;
        if (count($clauses) > 1) {
            // The widest first, so that the narrowest has the last word.
            usort(
                $clauses,
                fn(Clause $a, Clause $b): int => $this->chooser->narrowerFirst(
                    new Entry($placement, $b),
                    new Entry($placement, $a),
                ),
            );
        }
        $numbers = [];
        foreach ($clauses as $clause) {
            $number = $this->number(new Entry($placement, $clause));
            foreach ($this->classes->under($clause) as $class) {
                $numbers[$class] = $number;
            }
        }
        $hiddenNumbers = [];
        foreach ($hidden->clauses as $clause) {
            foreach ($this->classes->under($clause) as $class) {
                $number = $numbers[$class] ?? null;
                if ($number !== null && !$this->entries[$number]->isHidden) {
                    $numbers[$class] = $hiddenNumbers[$number] ??= $this->number(
                        new Entry($placement, $this->entries[$number]->through, true),
                    );
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
}
