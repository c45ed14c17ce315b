<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Ledger\Ledger;
use Core\Details\FactKind;
use Core\Text\Name;

/** Writes facts of a product, under one name once. */
final class FactRows
{
    public function write(Ledger $ledger, LoadedProduct $loaded, string $name, string $value, FactKind $kind = FactKind::Text, string $unit = '', bool $isShown = true): void
    {
        $fact = Fact::named($loaded->facts, $name);
        if ($fact !== null) {
            $ledger->update('facts', [$fact->id => ['value' => $value, 'kind' => $kind->value, 'unit' => $unit, 'is_shown' => (int) $isShown]]);

            return;
        }
        $ledger->insert('facts', [
            'product_id' => $loaded->product->id,
            'name' => Name::of($name)->shown,
            'folded' => Name::of($name)->folded,
            'value' => $value,
            'kind' => $kind->value,
            'unit' => $unit,
            'is_shown' => (int) $isShown,
            'position' => count($loaded->facts),
        ]);
    }

    /**
     * All facts of a product as they are wanted; one that is there keeps its kind, its unit and who sees it.
     *
     * @param  array<string, string>  $wanted  name => what it says, in order
     */
    public function store(Ledger $ledger, LoadedProduct $loaded, array $wanted): void
    {
        $stay = array_values(array_filter($loaded->facts, fn (Fact $fact): bool => isset($wanted[$fact->name])));
        $ledger->delete('facts', array_values(array_map(fn (Fact $fact): int => $fact->id, array_filter($loaded->facts, fn (Fact $fact): bool => ! isset($wanted[$fact->name])))));
        $position = 0;
        foreach ($wanted as $name => $value) {
            $fact = Fact::named($stay, (string) $name);
            if ($fact === null) {
                $ledger->insert('facts', ['product_id' => $loaded->product->id, 'name' => Name::of((string) $name)->shown, 'folded' => Name::of((string) $name)->folded, 'value' => $value, 'position' => $position]);
            } else {
                $ledger->update('facts', [$fact->id => ['value' => $value, 'position' => $position]]);
            }
            $position++;
        }
    }
}
