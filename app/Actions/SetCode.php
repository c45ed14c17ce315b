<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenSkus;
use App\Catalog\NumberKind;
use App\Catalog\TakenCodes;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Reach\Selection;

/** Types the code of one SKU. A typed code is kept when codes are made anew. */
final class SetCode
{
    public function __construct(private readonly Keeper $keeper, private readonly TakenCodes $taken)
    {
    }

    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        $code = NumberKind::code($typed);

        return $this->keeper->keepSkus($change, self::class, $selected, function (Ledger $ledger, ChosenSkus $chosen) use ($code): string {
            $sku = $chosen->one('A code belongs to one SKU');
            $isShared = $chosen->matrix->axes === [];
            $owner = $this->taken->owner($code, $isShared ? $chosen->product->id : null, $sku->id);
            if ($owner !== null) {
                throw new Refused("{$code} is the code of {$owner}. Choose another.", Kind::Taken, 'typed');
            }
            $ledger->update('skus', [$sku->id => ['code' => $code, 'code_typed' => 1]]);

            return 'Code of '.$chosen->place()." set to {$code} (was {$sku->code})";
        });
    }
}
