<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LibraryRows;
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
use Core\Matrix\Value;
use Core\Matrix\ValueReader;
use Core\Text\Name;

/** Adds typed or pasted values to an axis of the library; those it has already are left alone. */
final class AddLibraryValues
{
    private const LONGEST = 80;

    public function __construct(private readonly Keeper $keeper, private readonly LibraryRows $library)
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
        $codes = array_fill_keys($axis->values->pluck('code')->all(), true);
        $added = [];
        $swatches = [];
        foreach ((new ValueReader())->read($typed, $axis->kind, $axis->knownValues())->values as $at => $value) {
            if ($value->id !== null) {
                continue;
            }
            if (Name::of($value->label)->isLongerThan(self::LONGEST)) {
                throw new Refused("“{$value->label}” is too long: a value can have ".self::LONGEST.' characters. Is a comma missing?', Kind::Unreadable, 'values');
            }
            $code = ValueCode::propose($value->label, $codes);
            $codes[$code] = true;
            $added[] = new Value(-1 - $at, $value->label, $code);
            $swatches[-1 - $at] = $axis->kind === AxisKind::Color ? ColorNames::hex(Name::of($value->label)->folded) : null;
        }
        $this->library->add($ledger, $axis, $added, $swatches);

        return array_map(fn (Value $value): string => $value->label, $added);
    }
}
