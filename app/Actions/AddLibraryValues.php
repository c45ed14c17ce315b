<?php

declare(strict_types=1);

namespace App\Actions;

use App\History\Change;

use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryAxis;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Codes\ValueCode;
use Core\Color\ColorNames;
use Core\Matrix\AxisKind;
use Core\Matrix\ValueReader;
use Core\Text\Name;

/** Adds typed or pasted values to an axis of the library; those it has already are left alone. */
final class AddLibraryValues
{
    private const LONGEST = 80;

    public function __construct(private readonly Keeper $keeper)
    {
    }

    public function run(Change $change, int $axisId, string $typed): ?HistoryEntry
    {
        return $this->keeper->keepLibrary($change, self::class, function (Ledger $ledger) use ($axisId, $typed): string {
            $axis = LibraryAxis::with('values')->findOrFail($axisId);
            $added = $this->add($ledger, $axis, $typed);
            if ($added === []) {
                throw new Refused(trim($typed) === '' ? 'Type the values, with commas between.' : "{$axis->name} has all of these already.", Kind::Missing, 'values');
            }

            return "Added {$axis->name} ".implode(', ', $added).' to the library';
        });
    }

    /** @return list<string> the names that were new */
    public function add(Ledger $ledger, LibraryAxis $axis, string $typed): array
    {
        $known = $axis->knownValues();
        $codes = array_fill_keys($axis->values->pluck('code')->all(), true);
        $position = (int) $axis->values->max('position');
        $added = [];
        foreach ((new ValueReader())->read($typed, $axis->kind, $known)->values as $value) {
            if ($value->id !== null) {
                continue;
            }
            $label = $value->label;
            if (Name::of($label)->isLongerThan(self::LONGEST)) {
                throw new Refused("“{$label}” is too long: a value can have ".self::LONGEST.' characters. Is a comma missing?', Kind::Unreadable, 'values');
            }
            $code = ValueCode::propose($label, $codes);
            $codes[$code] = true;
            $ledger->insert('axis_values', [
                'axis_id' => $axis->id,
                'name' => $label,
                'folded' => Name::of($label)->folded,
                'code' => $code,
                'swatch' => $axis->kind === AxisKind::Color ? ColorNames::hex(Name::of($label)->folded) : null,
                'position' => ++$position,
            ]);
            $added[] = $label;
        }

        return $added;
    }
}
