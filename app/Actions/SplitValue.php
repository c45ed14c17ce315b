<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\DraftAxis;
use App\Catalog\DraftReader;
use App\Catalog\LoadedProduct;
use App\Catalog\MatrixChoices;
use App\Catalog\MatrixPlanner;
use App\Catalog\PlannedChange;
use App\Catalog\PlanStore;
use App\Catalog\ProductAxis;
use App\Catalog\ReadAxis;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Matrix\Axis;
use Core\Matrix\Likeness;
use Core\Matrix\MatrixChange;
use Core\Matrix\Succession;
use Core\Matrix\Value;
use Core\Refusal;
use Core\RefusalKind;

/** Splits one value into several: what there is goes to the first part, the others are made like it. */
final class SplitValue
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly DraftReader $drafts,
        private readonly MatrixPlanner $planner,
        private readonly PlanStore $store,
    ) {
    }

    /** @param  string  $parts  as typed, the first part first */
    public function run(Change $change, int $valueId, string $parts, bool $picturesForAll, MatrixChoices $choices = new MatrixChoices()): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($valueId, $parts, $picturesForAll, $choices): string {
            $axis = ProductAxis::having($loaded, $valueId);
            [$read] = $this->drafts->readIntoLibrary($ledger, [$this->draft($axis, $parts)], $loaded);
            $planned = $this->plan($loaded, $valueId, $read, $picturesForAll, $choices);
            $this->store->store($ledger, $loaded, $planned);
            $labels = implode(', ', array_map(fn (Value $value): string => $value->label, $read->axis->values));

            return "Split {$axis->name} {$axis->value($valueId)?->label} into {$labels}: {$planned->inWords()}";
        });
    }

    /** The parts, held against the library. */
    public function read(LoadedProduct $loaded, int $valueId, string $parts): ReadAxis
    {
        return $this->drafts->read([$this->draft(ProductAxis::having($loaded, $valueId), $parts)], $loaded)[0];
    }

    public function plan(LoadedProduct $loaded, int $valueId, ReadAxis $parts, bool $picturesForAll, MatrixChoices $choices = new MatrixChoices()): PlannedChange
    {
        $axis = ProductAxis::having($loaded, $valueId);
        $whole = $axis->value($valueId)->label ?? '';
        if ($parts->axis->count() < 2) {
            throw new Refusal(
                "Type at least two values that {$whole} becomes, with commas between.",
                RefusalKind::Missing,
                'parts',
            );
        }
        foreach ($parts->axis->values as $part) {
            if ($part->id !== $valueId && $axis->has($part->id)) {
                throw new Refusal(
                    "{$part->label} is on this product already. Split {$whole} into others, or merge it into {$part->label}.",
                    RefusalKind::Taken,
                    'parts',
                );
            }
        }
        $first = $parts->axis->values[0];
        $others = array_slice($parts->axis->values, 1);
        if (in_array($valueId, array_map(fn (Value $part): int => $part->id, $others), true)) {
            throw new Refusal(
                "Put {$whole} first: the SKUs of today go to the first part.",
                RefusalKind::Impossible,
                'parts',
            );
        }
        $values = [];
        foreach ($axis->values as $value) {
            array_push($values, ...($value->id === $valueId ? $parts->axis->values : [$value]));
        }

        return $this->planner->plan($loaded, new MatrixChange(
            $loaded->matrix,
            $loaded->matrix->withAxis($axis->with($values)),
            successions: $first->id === $valueId ? [] : [Succession::within($axis->id, $valueId, $first->id)],
            likes: array_map(fn (Value $part): Likeness => new Likeness($axis->id, $part->id, $first->id, $picturesForAll), $others),
        ), $choices);
    }

    private function draft(Axis $axis, string $parts): DraftAxis
    {
        return new DraftAxis($axis->name, $parts, keepsOrder: true, axisId: $axis->id);
    }
}
