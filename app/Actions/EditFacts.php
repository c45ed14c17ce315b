<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\FactRows;
use Core\Details\Fact;
use Core\Details\FactKind;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Sets or removes a fact of a product: something shown to shoppers that makes no SKUs. */
final class EditFacts
{
    private const MOST_NAME = 60;

    private const MOST_VALUE = 200;

    private const MOST_UNIT = 12;

    public function __construct(private readonly UnitOfWork $work, private readonly FactRows $facts)
    {
    }

    /** @param  string  $unit  of a number; nothing for none */
    public function set(Change $change, string $name, string $value, FactKind $kind = FactKind::Text, string $unit = '', bool $isShown = true): ?HistoryEntry
    {
        $called = Name::of($name);
        $said = $kind->read($value);
        $unit = $kind === FactKind::Number ? trim($unit) : '';
        if ($called->isEmpty() || $said === '' || $called->isLongerThan(self::MOST_NAME) || mb_strlen($said) > self::MOST_VALUE || mb_strlen($unit) > self::MOST_UNIT) {
            throw new Refusal('A fact needs a name of up to '.self::MOST_NAME.' characters and what it says, up to '.self::MOST_VALUE.', such as Lining: cotton.', RefusalKind::Missing, 'name');
        }

        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($called, $said, $kind, $unit, $isShown): string {
            foreach ($loaded->matrix->axes as $axis) {
                if (Name::of($axis->name)->is($called)) {
                    throw new Refusal("{$axis->name} is an axis of this product: every SKU says its own.", RefusalKind::Impossible, 'name');
                }
            }
            $was = Fact::named($loaded->facts, $called->shown);
            $this->facts->write($ledger, $loaded->product->id, $loaded->facts, new Fact(0, $called->shown, $said, $kind, $unit, $isShown));

            return "{$called->shown}: ".trim("{$said} {$unit}").($isShown ? '' : ', not shown to shoppers').($was === null ? '' : " (was {$was->inWords()})");
        });
    }

    public function remove(Change $change, int $factId): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($factId): string {
            $own = array_values(array_filter($loaded->facts, fn (Fact $fact): bool => $fact->id === $factId));
            if ($own === []) {
                throw new Refusal('This fact is no longer there. Look at the details again.', RefusalKind::Gone);
            }
            $ledger->delete('facts', [$factId]);

            return "Removed the fact {$own[0]->name}";
        });
    }
}
