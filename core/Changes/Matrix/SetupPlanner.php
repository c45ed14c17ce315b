<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Changes\Catalog;
use Core\Details\Fact;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\Likeness;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Succession;
use Core\Product\Product;

/** From axes as they were typed and what was settled about them to a planned change of the matrix. */
final readonly class SetupPlanner
{
    private MatrixPlanner $planner;

    public function __construct(Catalog $catalog)
    {
        $this->planner = new MatrixPlanner($catalog);
    }

    /** @param  list<ReadAxis>  $read */
    public function plan(Product $product, array $read, MatrixChoices $choices): PlannedChange
    {
        $from = $product->matrix;
        $to = new Matrix(array_map(fn(ReadAxis $axis): Axis => $axis->axis, $read), $from->leftOut);
        $rows = [];
        foreach ($read as $axis) {
            $rows[$axis->axis->id] = $axis->draft->key;
        }
        $successions = $this->successions($from, $to, $rows, $choices);
        $taken = array_map(fn(Succession $succession): int => $succession->toAxisId, $successions);
        $homes = [];
        foreach ($to->axes as $axis) {
            if ($from->axis($axis->id) === null && !in_array($axis->id, $taken, true)) {
                $homes[$axis->id] = $this->home($product, $axis, $choices->homes[$rows[$axis->id]] ?? null);
            }
        }
        $exchanged = array_map(fn(Succession $succession): int => $succession->axisId, $successions);
        $survivors = [];
        foreach ($from->axes as $axis) {
            if ($to->axis($axis->id) === null && !in_array($axis->id, $exchanged, true)) {
                $survivors[$axis->id] = $choices->survivors[$axis->id] ?? $axis->values[0]->id;
            }
        }

        return $this->planner->plan(
            $product,
            new MatrixChange(
                $from,
                $to,
                array_filter($homes),
                $survivors,
                $choices->stockAddsUp,
                $successions,
                $this->likes($from, $to, $rows, $choices),
                winners: $choices->winners,
            ),
            $choices,
        );
    }

    /**
     * @param  array<int, string>  $rows  axis id => key of its row in the form
     * @return list<Succession> of the axes that others take the place of
     */
    private function successions(Matrix $from, Matrix $to, array $rows, MatrixChoices $choices): array
    {
        $successions = [];
        foreach ($choices->exchanges as $axisId => $row) {
            $old = $from->axis($axisId);
            $newId = array_search($row, $rows, true);
            $new = $newId === false || $from->axis($newId) !== null ? null : $to->axis($newId);
            if ($old === null || $new === null || $to->axis($axisId) !== null) {
                continue;
            }
            foreach ($old->values as $place => $value) {
                // Unsaid, the value of the same name takes over, else the one in the same place.
                $heir = array_key_exists($value->id, $choices->heirs)
                    ? $choices->heirs[$value->id]?->among($new->values)
                    : DraftValue::called($value->label)->among($new->values) ?? ($new->values[$place] ?? null);
                if ($heir !== null) {
                    $successions[] = new Succession($old->id, $value->id, $new->id, $heir->id);
                }
            }
        }

        return $successions;
    }

    /**
     * @param  array<int, string>  $rows  axis id => key of its row in the form
     * @return list<Likeness>
     */
    private function likes(Matrix $from, Matrix $to, array $rows, MatrixChoices $choices): array
    {
        $likes = [];
        foreach ($to->axes as $axis) {
            $old = $from->axis($axis->id);
            foreach ($choices->likes[$rows[$axis->id]] ?? [] as $choice) {
                $new = $choice->value->among($axis->values);
                $stays = $old?->has($choice->likeId) === true && $axis->has($choice->likeId);
                if ($new !== null && $stays && !$old->has($new->id)) {
                    $likes[] = new Likeness($axis->id, $new->id, $choice->likeId);
                }
            }
        }

        return $likes;
    }

    /**
     * The value chosen; else the one that a fact of that name says, or that the product stood at while the axis slept;
     * else the first.
     */
    private function home(Product $product, Axis $axis, ?DraftValue $chosen): ?int
    {
        $fact = Fact::named($product->state->details->facts, $axis->name);
        $stood = $product->matrix->sleeping[$axis->id]->standsAt ?? null;
        $wanted =
            $chosen ??
            match (true) {
                $fact !== null => DraftValue::called($fact->value),
                $stood !== null => DraftValue::existing($stood),
                default => null,
            };

        return ($wanted?->among($axis->values) ?? ($axis->values[0] ?? null))?->id;
    }
}
