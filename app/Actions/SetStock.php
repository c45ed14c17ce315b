<?php

declare(strict_types=1);

namespace App\Actions;

use App\Batches\Act;
use App\Catalog\ChosenSkus;
use App\Catalog\SkuRow;
use App\Catalog\StockCount;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Reach\Selection;
use Core\Text\NumberReader;

/** Sets the stock of all selected SKUs, each to the same number of units; or says that nobody counts them. */
final class SetStock implements Act
{
    private const MOST = 9_999_999;

    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  string  $typed  a whole number; nothing where the units are not counted */
    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        $units = $this->units($typed);

        return $this->keeper->keepSkus($change, self::class, $selected, function (Ledger $ledger, ChosenSkus $chosen) use ($units): string {
            $skus = $chosen->some();
            $ledger->update('skus', array_fill_keys(array_map(fn (SkuRow $sku): int => $sku->id, $skus), ['stock' => $units]));
            $place = $chosen->place();
            $was = (new StockCount($skus))->range();

            return $units === null ? "Stock of {$place} no longer counted (was {$was})" : "Stock of {$place} set to {$units} (was {$was})";
        });
    }

    private function units(string $typed): ?int
    {
        if (trim($typed) === '') {
            return null;
        }
        $number = NumberReader::read($typed);
        if ($number->isNegative() || $number->isGreaterThan(self::MOST) || $number->hasNonZeroFractionalPart()) {
            throw new Refused("“{$typed}” is not a number of units. Type a whole number such as 12.", Kind::Unreadable, 'typed');
        }

        return $number->toInt();
    }

    public function inWords(array $wanted): string
    {
        $units = $this->units((string) ($wanted['value'] ?? ''));

        return $units === null ? 'Stock of every SKU no longer counted' : "Stock of every SKU set to {$units}";
    }

    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry
    {
        return $this->run($change, $where, (string) ($wanted['value'] ?? ''));
    }
}
