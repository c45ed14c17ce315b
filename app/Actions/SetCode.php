<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\History\Change;
use App\History\Keeper;
use App\History\Ledger;
use App\Models\HistoryEntry;
use Illuminate\Support\Facades\DB;

/** Types the code of one SKU. A typed code is kept when codes are made anew. */
final class SetCode
{
    private const PATTERN = '/^[A-Za-z0-9][A-Za-z0-9._\/-]{0,63}$/';

    public function __construct(private readonly Keeper $keeper)
    {
    }

    public function run(Change $change, string $selected, string $typed): ?HistoryEntry
    {
        $code = trim($typed);
        if (preg_match(self::PATTERN, $code) !== 1) {
            throw new Refused("“{$typed}” cannot be a code: use up to 64 letters, digits, dots, dashes, slashes and underscores.");
        }

        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($selected, $code): string {
            $skus = SelectedSkus::of($selected, $loaded);
            if (count($skus) > 1) {
                throw new Refused('A code belongs to one SKU: select a single cell.');
            }
            $owner = DB::table('skus')->join('products', 'products.id', '=', 'skus.product_id')
                ->where('skus.code', $code)->where('skus.id', '<>', $skus[0]->id)->first(['products.name', 'skus.cell', 'skus.state']);
            if ($owner !== null) {
                throw new Refused("A SKU of {$owner->name} has the code {$code}".($owner->state === 'retired' ? ' (retired, but its code stays its own)' : '').'. Choose another.');
            }
            $ledger->update('skus', [$skus[0]->id => ['code' => $code, 'code_typed' => 1]]);

            return "Code of {$skus[0]->code} changed to {$code}";
        });
    }
}
