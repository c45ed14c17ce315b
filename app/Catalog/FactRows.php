<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Ledger\Ledger;
use Core\Details\FactKind;
use Core\Text\Name;

/** Writes a fact of a product, under one name once. */
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
}
