<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\Fact;
use App\Catalog\FactRows;
use App\Catalog\LoadedProduct;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Text\Name;

/** Sets or removes a fact of a product: something shown to shoppers that makes no SKUs. */
final class EditFacts
{
    private const MOST_NAME = 60;

    private const MOST_VALUE = 200;

    public function __construct(private readonly Keeper $keeper, private readonly FactRows $facts)
    {
    }

    public function set(Change $change, string $name, string $value): ?HistoryEntry
    {
        $called = Name::of($name);
        // What it says is shown as typed: “m²” stays “m²”.
        $said = trim((string) preg_replace('/\s+/u', ' ', $value));
        if ($called->isEmpty() || $said === '' || $called->isLongerThan(self::MOST_NAME) || mb_strlen($said) > self::MOST_VALUE) {
            throw new Refused('A fact needs a name of up to '.self::MOST_NAME.' characters and what it says, up to '.self::MOST_VALUE.', such as Lining: cotton.', Kind::Missing, 'name');
        }

        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($called, $said): string {
            foreach ($loaded->matrix->axes as $axis) {
                if (Name::of($axis->name)->is($called)) {
                    throw new Refused("{$axis->name} is an axis of this product: every SKU says its own.", Kind::Impossible, 'name');
                }
            }
            $this->facts->write($ledger, $loaded, $called->shown, $said);

            return "{$called->shown}: {$said}";
        });
    }

    public function remove(Change $change, int $factId): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($factId): string {
            $own = array_values(array_filter($loaded->facts, fn (Fact $fact): bool => $fact->id === $factId));
            if ($own === []) {
                throw new Refused('This fact is no longer there. Look at the details again.', Kind::Gone);
            }
            $ledger->delete('facts', [$factId]);

            return "Removed the fact {$own[0]->name}";
        });
    }
}
