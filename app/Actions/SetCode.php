<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\SelectedSkus;

use App\Catalog\Selection;
use App\Catalog\TakenCodes;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Refused;
use Core\Codes\SkuCodes;

/** Types the code of one SKU. A typed code is kept when codes are made anew. */
final class SetCode
{
    public function __construct(private readonly Keeper $keeper, private readonly TakenCodes $taken)
    {
    }

    public function run(Change $change, string $selected, string $typed): ?HistoryEntry
    {
        $code = trim($typed);
        if (preg_match(SkuCodes::PATTERN, $code) !== 1) {
            throw new Refused("“{$typed}” cannot be a code: use up to 64 letters, digits, dots, dashes, slashes and underscores.");
        }

        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($selected, $code): string {
            $skus = SelectedSkus::of($selected, $loaded);
            if (count($skus) > 1) {
                throw new Refused('A code belongs to one SKU: select a single cell.');
            }
            $isShared = $loaded->matrix->axes === [];
            $owner = $this->taken->owner($code, $isShared ? $loaded->product->id : null, $skus[0]->id);
            if ($owner !== null) {
                throw new Refused("{$code} is the code of {$owner}. Choose another.");
            }
            $ledger->update('skus', [$skus[0]->id => ['code' => $code, 'code_typed' => 1]]);

            return 'Code of '.Selection::read($selected, $loaded)->place()." set to {$code} (was {$skus[0]->code})";
        });
    }
}
