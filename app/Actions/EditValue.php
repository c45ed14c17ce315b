<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\History\Change;
use App\History\Keeper;
use App\History\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryValue;
use Core\Matrix\Name;

/** Changes a value of the library: its name, code and swatch, for every product that uses it. */
final class EditValue
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    public function run(Change $change, int $valueId, string $name, string $code, ?string $swatch): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($valueId, $name, $code, $swatch): string {
            $value = LibraryValue::with('axis')->findOrFail($valueId);
            $typed = Name::of($name);
            $others = LibraryValue::query()->where('axis_id', $value->axis_id)->whereKeyNot($value->id);
            if ($typed->shown === '' || preg_match('/^[A-Z0-9]{1,16}$/', strtoupper($code)) !== 1) {
                throw new Refused('A value needs a name, and a code of up to 16 letters and digits.');
            }
            if ((clone $others)->where('folded', $typed->folded)->exists()) {
                throw new Refused("{$value->axis->name} has a value “{$typed->shown}” already.");
            }
            if ((clone $others)->where('code', $code)->exists()) {
                throw new Refused("Another value of {$value->axis->name} has the code {$code}.");
            }
            $ledger->update('axis_values', [$value->id => [
                'name' => $typed->shown,
                'folded' => $typed->folded,
                'code' => strtoupper($code),
                'swatch' => $swatch,
            ]]);

            return "Changed {$value->axis->name} {$value->name}".($typed->shown === $value->name ? '' : " to {$typed->shown}").' in the library';
        });
    }
}
