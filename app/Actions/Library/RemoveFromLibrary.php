<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Models\SizeRunRecord;
use App\Store\Library\Usage;
use App\Store\Words\SenderWords;
use Core\Refusal;
use Core\RefusalKind;

/** Takes out of the library what no product uses or has used: a value, or an axis with its values and size runs. */
final class RemoveFromLibrary
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly Usage $usage,
        private readonly SenderWords $words,
    ) {}

    /** @throws Refusal */
    public function value(Change $change, int $valueId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($valueId): string {
            $value = LibraryValue::with('axis')->findOrFail($valueId);
            $this->refuseUsed("{$value->axis->name} {$value->name}", $this->usage->everOfValue($valueId));
            foreach (SizeRunRecord::query()->where('axis_id', $value->axis_id)->get() as $run) {
                if (in_array($valueId, $run->value_ids, true)) {
                    throw new Refusal(
                        "{$value->name} is in the size run {$run->name}. Take it out of the run first.",
                        RefusalKind::Impossible,
                    );
                }
            }
            $this->forgetWords($ledger, [$valueId]);
            $ledger->delete('axis_values', [$valueId]);

            return "Removed {$value->axis->name} {$value->name} from the library";
        });
    }

    public function axis(Change $change, int $axisId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($axisId): string {
            $axis = LibraryAxis::with(['values', 'runs'])->findOrFail($axisId);
            $this->refuseUsed($axis->name, $this->usage->everOfAxis($axisId));
            $ledger->delete('size_runs', array_values($axis->runs->pluck('id')->all()));
            $this->forgetWords($ledger, array_values($axis->values->pluck('id')->all()));
            $ledger->delete('axis_values', array_values($axis->values->pluck('id')->all()));
            $ledger->delete('axes', [$axisId]);

            return "Removed the axis {$axis->name} from the library";
        });
    }

    /**
     * What senders call values goes with these.
     *
     * @param  list<int>  $valueIds
     */
    private function forgetWords(Ledger $ledger, array $valueIds): void
    {
        $ledger->delete('sender_words', $this->words->meaning($valueIds));
    }

    /** @param  list<string>  $products */
    private function refuseUsed(string $what, array $products): void
    {
        if ($products !== []) {
            throw new Refusal(
                "{$what} stays: " .
                    Usage::inWords($products) .
                    ' ' .
                    (count($products) === 1 ? 'uses it or has' : 'use it or have') .
                    ' used it, and may want it back.',
                RefusalKind::Impossible,
            );
        }
    }
}
