<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryAxis;
use App\Store\Library\LibraryRows;
use Core\Codes\ValueCode;
use Core\Color\Names\ColorNames;
use Core\Color\Swatches\Swatch;
use Core\Matrix\AxisKind;
use Core\Matrix\Typed\ValueReader;
use Core\Matrix\Value;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Adds typed or pasted values to an axis of the library; those it has already are left alone. */
final class AddLibraryValues
{
    private const LONGEST = 80;

    public function __construct(private readonly UnitOfWork $work, private readonly LibraryRows $library) {}

    /** @throws Refusal */
    public function run(Change $change, int $axisId, string $typed): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($axisId, $typed): string {
            $axis = LibraryAxis::with('values')->findOrFail($axisId);
            $added = $this->add($ledger, $axis, $typed);
            if ($added === []) {
                throw new Refusal(
                    trim($typed) === ''
                        ? 'Type the values, with commas between.'
                        : "{$axis->name} has all of these already.",
                    RefusalKind::Missing,
                    'values',
                );
            }

            return "Added {$axis->name} " . implode(', ', $added) . ' to the library';
        });
    }

    /**
     * One value with a swatch that was chosen for it.
     *
     * @throws Refusal
     */
    public function one(Change $change, int $axisId, string $name, Swatch $swatch): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use (
            $axisId,
            $name,
            $swatch,
        ): string {
            $axis = LibraryAxis::with('values')->findOrFail($axisId);
            $read = (new ValueReader())->read($name, $axis->kind, $axis->knownValues())->values;
            $value = $read[0] ?? throw new Refusal('Say what the new value is called.', RefusalKind::Missing, 'name');
            if (count($read) > 1 || $value->id !== null) {
                throw new Refusal(
                    $value->id !== null
                        ? "{$axis->name} has {$value->label} already."
                        : 'Add one value at a time here; its name has no comma in it.',
                    RefusalKind::Taken,
                    'name',
                );
            }
            $this->refuseLong($value->label);
            $codes = array_fill_keys($axis->values->pluck('code')->all(), true);
            $this->library->add(
                $ledger,
                $axis,
                [new Value(-1, $value->label, ValueCode::propose($value->label, $codes))],
                [-1 => $swatch],
            );

            return "Added {$axis->name} {$value->label} to the library, {$swatch->inWords()}";
        });
    }

    private function refuseLong(string $label): void
    {
        if (Name::of($label)->isLongerThan(self::LONGEST)) {
            throw new Refusal(
                "“{$label}” is too long: a value can have " . self::LONGEST . ' characters. Is a comma missing?',
                RefusalKind::Unreadable,
                'values',
            );
        }
    }

    /** @return list<string> the names that were new */
    public function add(Ledger $ledger, LibraryAxis $axis, string $typed): array
    {
        $codes = array_fill_keys($axis->values->pluck('code')->all(), true);
        $added = [];
        $swatches = [];
        foreach ((new ValueReader())->read($typed, $axis->kind, $axis->knownValues())->values as $at => $value) {
            if ($value->id !== null) {
                continue;
            }
            $this->refuseLong($value->label);
            $code = ValueCode::propose($value->label, $codes);
            $codes[$code] = true;
            $added[] = new Value(-1 - $at, $value->label, $code);
            $swatches[-1 - $at] =
                $axis->kind === AxisKind::Color ? ColorNames::swatch(Name::of($value->label)->folded) : null;
        }
        $this->library->add($ledger, $axis, $added, $swatches);

        return array_map(fn(Value $value): string => $value->label, $added);
    }
}
