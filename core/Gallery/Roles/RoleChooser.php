<?php

declare(strict_types=1);

namespace Core\Gallery\Roles;

use Core\Gallery\Entry;
use Core\Gallery\Placement;
use Core\Gallery\Showing;
use Core\Matrix\Combination;
use Core\Reach\Clause;

/**
 * Who does which job among the placements that reach a cell. The narrowest reach wins: most axes
 * named, then fewest made cells, then earliest in the order.
 */
final class RoleChooser
{
    /** @var array<string, int> clause key => made cells covered */
    private array $counts = [];

    /** @param  list<Combination>  $made */
    public function __construct(private readonly array $made) {}

    /**
     * @param  list<Entry>  $reaching  in order, hidden ones too
     * @param  list<Entry>  $shown  in order
     * @return array<string, RoleAnswer> by the role's value
     */
    public function choose(array $reaching, array $shown): array
    {
        /** @var array<string, non-empty-list<Entry>> $assigned */
        $assigned = [];
        foreach ($reaching as $entry) {
            foreach ($entry->placement->roles as $role) {
                // What is hidden may still stand in listings, but cannot be what a shopper sees first.
                if (
                    ($role !== Role::Lead || !$entry->isHidden) &&
                    ($entry->placement->isStill || !$role->needsStill())
                ) {
                    $assigned[$role->value][] = $entry;
                }
            }
        }
        $answers = [];
        foreach ($assigned as $name => $candidates) {
            if (count($candidates) > 1) {
                usort($candidates, $this->narrowerFirst(...));
            }
            $answers[$name] = new RoleAnswer(
                Role::from($name),
                $candidates[0],
                Ground::Assigned,
                array_slice($candidates, 1),
            );
        }
        $lead = $answers[Role::Lead->value] ??= $this->lead($shown);
        foreach ([Role::Card, Role::Share] as $role) {
            $answers[$role->value] ??= $this->fallback($role, $lead->entry, Ground::AsLead);
        }
        $answers[Role::Hover->value] ??= $this->hover($shown, $answers[Role::Card->value]->placement());
        $answers[Role::Guide->value] ??= $this->fallback(
            Role::Guide,
            $this->firstShowing(Showing::Guide, $shown),
            Ground::SizeGuideView,
        );
        $answers[Role::Swatch->value] ??= new RoleAnswer(Role::Swatch, null, Ground::None);

        return $answers;
    }

    /** @return int below zero where the first reaches less: more axes named, then fewer made cells, then earlier */
    public function narrowerFirst(Entry $a, Entry $b): int
    {
        return count($b->through->axisIds()) <=> count($a->through->axisIds()) ?:
            $this->madeCells($a->through) <=> $this->madeCells($b->through);
    }

    /** How many made cells the clause covers. */
    public function madeCells(Clause $clause): int
    {
        return $this->counts[$clause->key()] ??= count(array_filter($this->made, $clause->covers(...)));
    }

    private function fallback(Role $role, ?Entry $entry, Ground $ground): RoleAnswer
    {
        return new RoleAnswer($role, $entry, $entry === null ? Ground::None : $ground);
    }

    /** @param  list<Entry>  $shown */
    private function lead(array $shown): RoleAnswer
    {
        $stills = array_filter($shown, fn(Entry $entry): bool => $entry->placement->isStill);
        foreach ($stills as $entry) {
            if (!$entry->placement->isGuide()) {
                return new RoleAnswer(Role::Lead, $entry, Ground::FirstPicture);
            }
        }

        return $this->fallback(Role::Lead, array_values($stills)[0] ?? null, Ground::OnlyGuide);
    }

    /**
     * What a card turns to when it is pointed at is never the picture that it shows already.
     *
     * @param  list<Entry>  $shown
     */
    private function hover(array $shown, ?Placement $card): RoleAnswer
    {
        $others = array_values(
            array_filter(
                $shown,
                fn(Entry $entry): bool => $entry->placement->isStill &&
                    !$entry->placement->isGuide() &&
                    $entry->placement->id !== $card?->id,
            ),
        );
        $back = $this->firstShowing(Showing::Back, $others);

        return $back === null
            ? $this->fallback(Role::Hover, $others[0] ?? null, Ground::OtherPicture)
            : new RoleAnswer(Role::Hover, $back, Ground::BackView);
    }

    /** @param  list<Entry>  $shown */
    private function firstShowing(Showing $showing, array $shown): ?Entry
    {
        foreach ($shown as $entry) {
            if ($entry->placement->view?->showing === $showing) {
                return $entry;
            }
        }

        return null;
    }
}
