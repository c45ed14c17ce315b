<?php

declare(strict_types=1);

namespace Core\Matching\Shoots\Plan;

use Core\Matrix\Combination;
use Core\Refusal;
use Core\RefusalKind;

/**
 * How the pictures of a shoot are laid out: as it is proposed, and as a person has moved them. Each picture stands at
 * one place only, or is left out.
 */
final readonly class ShootPlan
{
    /** A shoot has no more views than this. */
    public const MOST_PLACES = 24;

    /**
     * @param  list<PlannedSeries>  $series
     * @param  list<int>  $leftOut  ids of files that belong to no group
     */
    public function __construct(public array $series, public array $leftOut = []) {}

    /** @return list<int> ids of all files that stand in a group */
    public function files(): array
    {
        return array_merge(...array_map(fn(PlannedSeries $series): array => $series->files(), $this->series));
    }

    /**
     * A picture goes to a place of a group; of one behind the last, to a new group.
     *
     * @throws Refusal where there is no such place
     */
    public function moved(int $file, int $series, int $group, int $place): self
    {
        $this->find($file);
        if (
            !isset($this->series[$series]) ||
            $group < 0 ||
            $group > count($this->series[$series]->groups) ||
            $place < 0 ||
            $place >= self::MOST_PLACES
        ) {
            throw self::gone();
        }
        $lifted = $this->emptied($file);
        $groups = $lifted->series[$series]->groups;
        $groups[$group] = ($groups[$group] ?? new PlannedGroup(Combination::of([]), []))->with($file, $place);

        return $lifted->with($series, $lifted->series[$series]->withGroups($groups))->tidy();
    }

    /**
     * The pictures of a group from one on stand a place later, or earlier: a view was left out, or taken twice.
     *
     * @throws Refusal where the picture stands in no group, or there is no place
     */
    public function shifted(int $file, int $by): self
    {
        [$series, $group, $place] = $this->find($file) ?? throw self::gone();
        $own = $this->series[$series];
        $shifted = $own->groups[$group]->shifted($place, $by);
        if ($place + $by < 0 || max([0, ...array_keys($shifted->cells)]) >= self::MOST_PLACES) {
            throw new Refusal('There is no place there. Move single pictures instead.', RefusalKind::Impossible);
        }
        $groups = $own->groups;
        $groups[$group] = $shifted;

        return $this->with($series, $own->withGroups($groups));
    }

    /**
     * A picture belongs to no group: it was taken twice, or shows something else.
     *
     * @throws Refusal where it is not in the shoot any more
     */
    public function withLeftOut(int $file): self
    {
        $this->find($file);
        $lifted = $this->lifted($file);

        return new self($lifted->series, array_values(array_unique([...$lifted->leftOut, $file])));
    }

    /** @throws Refusal where there is no such group */
    public function withPart(int $series, int $group, Combination $part): self
    {
        $own = $this->series[$series] ?? throw self::gone();

        return isset($own->groups[$group]) ? $this->with($series, $own->withPart($group, $part)) : throw self::gone();
    }

    /** @throws Refusal where there is no such place */
    public function withView(int $series, int $place, ?string $view): self
    {
        $own = $this->series[$series] ?? throw self::gone();
        if (!array_key_exists($place, $own->views)) {
            throw self::gone();
        }

        return $this->with($series, $own->withView($place, $view));
    }

    public function with(int $at, PlannedSeries $series): self
    {
        $all = $this->series;
        $all[$at] = $series;

        return new self(array_values($all), $this->leftOut);
    }

    /**
     * @return ?array{int, int, int} series, group and place of a picture; null where it is left out
     *
     * @throws Refusal where it is not in the shoot
     */
    private function find(int $file): ?array
    {
        foreach ($this->series as $series => $own) {
            foreach ($own->groups as $group => $one) {
                $place = $one->placeOf($file);
                if ($place !== null) {
                    return [$series, $group, $place];
                }
            }
        }

        return in_array($file, $this->leftOut, true) ? null : throw self::gone();
    }

    /** Without a picture, and without what is empty then. */
    private function lifted(int $file): self
    {
        return $this->emptied($file)->tidy();
    }

    /** Without a picture; groups stay where they are, empty or not. */
    private function emptied(int $file): self
    {
        return new self(
            array_map(
                fn(PlannedSeries $series): PlannedSeries => new PlannedSeries(
                    $series->productId,
                    $series->views,
                    array_map(fn(PlannedGroup $group): PlannedGroup => $group->without($file), $series->groups),
                ),
                $this->series,
            ),
            array_values(array_diff($this->leftOut, [$file])),
        );
    }

    /** Without groups and series that have no pictures. */
    private function tidy(): self
    {
        $series = array_map(fn(PlannedSeries $own): PlannedSeries => $own->withGroups($own->groups), $this->series);

        return new self(
            array_values(array_filter($series, fn(PlannedSeries $own): bool => $own->groups !== [])),
            $this->leftOut,
        );
    }

    private static function gone(): Refusal
    {
        return new Refusal('This picture or group is not there any more. Look at the shoot again.', RefusalKind::Gone);
    }
}
