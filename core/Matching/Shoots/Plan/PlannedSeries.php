<?php

declare(strict_types=1);

namespace Core\Matching\Shoots\Plan;

use Core\Matrix\Combination;

/** Groups that show one product, beside one another, so that each view is a column. */
final readonly class PlannedSeries
{
    /**
     * @param  ?int  $productId  null where nobody knows
     * @param  list<?string>  $views  keys of views by place; null where nobody knows
     * @param  list<PlannedGroup>  $groups
     */
    public function __construct(public ?int $productId, public array $views, public array $groups) {}

    /** Of another product: what its groups show of it is told anew. */
    public function ofProduct(?int $productId): self
    {
        return new self(
            $productId,
            $this->views,
            array_map(fn(PlannedGroup $group): PlannedGroup => $group->withPart(Combination::of([])), $this->groups),
        );
    }

    /**
     * A group shows this part. Where the groups are told apart already, what is new of it, such as the style of all
     * colors, is said of the others as well, as long as none of them says otherwise.
     */
    public function withPart(int $at, Combination $part): self
    {
        $groups = $this->groups;
        $before = $groups[$at]->part;
        $groups[$at] = $groups[$at]->withPart($part);
        foreach (array_diff_key($part->values, $before->values) as $axisId => $valueId) {
            $rest = array_map(fn(PlannedGroup $group): string => $group->part->without($axisId)->key, $groups);
            $others = array_diff_key($groups, [$at => true]);
            $says = array_filter($others, fn(PlannedGroup $group): bool => $group->part->value($axisId) !== null);
            if ($says === [] && !in_array('', $rest, true) && count(array_unique($rest)) === count($rest)) {
                foreach ($others as $other => $group) {
                    $groups[$other] = $group->withPart($group->part->with($axisId, $valueId));
                }
            }
        }

        return $this->withGroups($groups);
    }

    /** @param  list<Combination>  $parts  one for each group */
    public function withParts(array $parts): self
    {
        return $this->withGroups(
            array_map(
                fn(PlannedGroup $group, Combination $part): PlannedGroup => $group->withPart($part),
                $this->groups,
                $parts,
            ),
        );
    }

    /** A view stands at one place only: where it stood, none is told any more. */
    public function withView(int $place, ?string $view): self
    {
        $views = array_map(fn(?string $one): ?string => $one === $view ? null : $one, $this->views);
        $views[$place] = $view;

        return new self($this->productId, array_values($views), $this->groups);
    }

    /** @param  list<?string>  $views */
    public function withViews(array $views): self
    {
        return new self($this->productId, $views, $this->groups);
    }

    /**
     * With as many places as its groups need.
     *
     * @param  array<int, PlannedGroup>  $groups  in order; those without a picture are left out
     */
    public function withGroups(array $groups): self
    {
        $filled = array_values(array_filter($groups, fn(PlannedGroup $group): bool => $group->cells !== []));
        $last = -1;
        foreach ($filled as $group) {
            $last = max([$last, ...array_keys($group->cells)]);
        }

        $views = array_pad($this->views, $last + 1, null);
        // A column that was added and is empty again goes, unless somebody said its view.
        while (count($views) > $last + 1 && $views[count($views) - 1] === null) {
            array_pop($views);
        }

        return new self($this->productId, $views, $filled);
    }

    /** @return list<int> ids of all its files */
    public function files(): array
    {
        return array_merge(...array_map(fn(PlannedGroup $group): array => $group->files(), $this->groups));
    }
}
