<?php

declare(strict_types=1);

namespace App\Store;

use App\Ledger\Ledger;
use Core\Details\Fact;
use Core\Text\Name;

/** Writes facts of a product, under one name once. */
final class FactRows
{
    /**
     * Says a fact of a product, in the place of what is said under its name.
     *
     * @param  list<Fact>  $facts  of the product, as they are stored
     */
    public function write(Ledger $ledger, int $productId, array $facts, Fact $said): void
    {
        $fact = Fact::named($facts, $said->name);
        if ($fact === null) {
            $ledger->insert('facts', ['product_id' => $productId] + self::columns($said, count($facts)));
        } else {
            $ledger->update('facts', [$fact->id => self::said($said)]);
        }
    }

    /**
     * All facts of a product as they are wanted.
     *
     * @param  list<Fact>  $stored
     * @param  list<Fact>  $wanted  in order
     */
    public function store(Ledger $ledger, int $productId, array $stored, array $wanted): void
    {
        $isWanted = fn (Fact $fact): bool => Fact::named($wanted, $fact->name) !== null;
        $gone = array_filter($stored, fn (Fact $fact): bool => ! $isWanted($fact));
        $ledger->delete('facts', array_values(array_map(fn (Fact $fact): int => $fact->id, $gone)));
        foreach ($wanted as $position => $said) {
            $fact = Fact::named($stored, $said->name);
            if ($fact === null) {
                $ledger->insert('facts', ['product_id' => $productId] + self::columns($said, $position));
            } else {
                $ledger->update('facts', [$fact->id => self::columns($said, $position)]);
            }
        }
    }

    /** @return array<string, string|int> */
    public static function columns(Fact $fact, int $position): array
    {
        $name = Name::of($fact->name);

        return ['name' => $name->shown, 'folded' => $name->folded, 'position' => $position] + self::said($fact);
    }

    /** @return array<string, string|int> */
    private static function said(Fact $fact): array
    {
        return [
            'value' => $fact->value,
            'kind' => $fact->kind->value,
            'unit' => $fact->unit,
            'is_shown' => (int) $fact->isShown,
        ];
    }
}
