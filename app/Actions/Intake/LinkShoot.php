<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\Acceptance;
use App\Intake\Shoots\KeptPlans;
use App\Intake\Shoots\SenderOrders;
use App\Intake\Shoots\Shoot;
use App\Intake\Shoots\ShootPlace;
use App\Intake\Shoots\ShootReading;
use App\Models\Batch;
use App\Models\Drop;
use App\Models\User;
use Core\Gallery\View;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Shoots\Plan\PlannedGroup;
use Core\Matching\Shoots\Plan\PlannedSeries;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Links the pictures of a shoot as they are laid out, all or those of a group: one batch, undone in one. The order of
 * the views is remembered for the next shoot of the same sender.
 */
final class LinkShoot
{
    public function __construct(
        private readonly ShootReading $reading,
        private readonly AcceptFiles $accept,
        private readonly SenderOrders $orders,
        private readonly KeptPlans $kept,
    ) {}

    /**
     * @param  string  $seen  token of the layout that the page showed
     * @param  ?ShootPlace  $only  the group that is linked; null for all
     *
     * @throws Refusal
     */
    public function run(User $user, Drop $drop, string $seen, ?ShootPlace $only = null): Batch
    {
        $shoot = $this->reading->of($drop);
        if ($shoot->token() !== $seen) {
            throw new Refusal(
                'Somebody else has laid this shoot out otherwise meanwhile. Nothing was linked.',
                RefusalKind::Changed,
            );
        }
        $places = [];
        foreach ($shoot->plan->series as $at => $series) {
            if ($only === null || $only->series === $at) {
                $groups = $only === null ? $series->groups : [$only->group => $series->groups[$only->group] ?? null];
                foreach (array_filter($groups) as $group) {
                    $places += $this->places($shoot, $series, $group);
                }
            }
        }
        $batch = $this->accept->laidOut($user, $drop, $places);
        $this->kept->keep($drop->id, $shoot->plan);
        foreach ($shoot->plan->series as $at => $series) {
            if ($only === null || $only->series === $at) {
                $this->learn($shoot, $series);
            }
        }

        return $batch;
    }

    /** @return array<int, Acceptance> by file id; of those that are still to be settled */
    private function places(Shoot $shoot, PlannedSeries $series, PlannedGroup $group): array
    {
        $open = array_values(array_filter($group->files(), fn(int $file): bool => isset($shoot->files[$file])));
        if ($open === []) {
            return [];
        }
        $product = $shoot->products[$series->productId ?? 0] ?? null;
        $first = $shoot->files[$open[0]]->file;
        if ($product === null) {
            throw new Refusal("Say first which product {$first} and those beside it are of.", RefusalKind::Missing);
        }
        $reach = $this->reach($product, $group, $first);
        $places = [];
        foreach ($open as $file) {
            $view = $shoot->views->find($series->views[$group->placeOf($file) ?? 0] ?? null);
            $places[$file] = new Acceptance($product->id, $reach, $view);
        }

        return $places;
    }

    private function reach(KnownProduct $product, PlannedGroup $group, string $first): Reach
    {
        $values = [];
        foreach ($product->matrix->axes as $axis) {
            $valueId = $group->part->value($axis->id);
            if ($valueId !== null && $product->matrix->axisOf($valueId) !== null) {
                $values[$axis->id] = [$valueId];
            } elseif ($axis->changesPicture && count($axis->values) > 1) {
                throw new Refusal("Say first which {$axis->name} the group of {$first} shows.", RefusalKind::Missing);
            }
        }

        return $values === [] ? Reach::everything() : Reach::of(Clause::of($values));
    }

    private function learn(Shoot $shoot, PlannedSeries $series): void
    {
        $views = array_map($shoot->views->find(...), $series->views);
        $told = array_values(array_filter($views, fn(?View $view): bool => $view !== null));
        if (count($told) === count($views)) {
            $this->orders->learn($shoot->drop->sender, $told);
        }
    }
}
