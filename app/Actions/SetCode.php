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
use Core\Codes\SkuCodes;
use Core\Reach\Selection;

/** Types the code of one SKU. A typed code is kept when codes are made anew. */
final class SetCode
{
    public function __construct(private readonly Keeper $keeper, private readonly TakenCodes $taken)
    {
    }

    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        $code = trim($typed);
        if (preg_match(SkuCodes::PATTERN, $code) !== 1) {
            throw new Refused("“{$typed}” cannot be a code: use up to 64 letters, digits, dots, dashes, slashes and underscores.", Kind::Unreadable, 'typed');
        }

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
