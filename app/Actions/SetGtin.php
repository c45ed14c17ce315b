<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenSkus;
use App\Catalog\TakenCodes;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Codes\Gtin;
use Core\Reach\Selection;

/** Types the GTIN of one SKU; or takes those of all selected away. */
final class SetGtin
{
    public function __construct(private readonly Keeper $keeper, private readonly TakenCodes $taken)
    {
    }

    /** @param  string  $typed  nothing: none */
    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        $gtin = trim($typed) === '' ? null : Gtin::typed($typed);

        return $this->keeper->keepSkus($change, self::class, $selected, function (Ledger $ledger, ChosenSkus $chosen) use ($gtin): string {
            if ($gtin === null) {
                $ledger->update('skus', array_fill_keys(array_column($chosen->some(), 'id'), ['gtin' => null]));

                return 'GTIN of '.$chosen->place().' taken away';
            }
            $sku = $chosen->one('A GTIN belongs to one SKU');
            $owner = $this->taken->gtins([$gtin], [$sku->id])[$gtin] ?? null;
            if ($owner !== null) {
                throw new Refused("{$gtin} is the GTIN of {$owner}. Two SKUs cannot have the same.", Kind::Taken, 'typed');
            }
            $ledger->update('skus', [$sku->id => ['gtin' => $gtin]]);
            $restriction = Gtin::restriction($gtin);

            return 'GTIN of '.$chosen->place()." set to {$gtin} (was ".($sku->gtin ?? 'none').')'.($restriction === null ? '' : "; it is {$restriction}");
        });
    }
}
