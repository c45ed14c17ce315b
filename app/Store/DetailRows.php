<?php

declare(strict_types=1);

namespace App\Store;

use App\Ledger\Ledger;
use Brick\Math\BigDecimal;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\ReachedDetail;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What is said of products and their parts, and what values add to prices, as rows. */
final class DetailRows
{
    /** @param  iterable<stdClass>  $rows  in order */
    public static function read(iterable $rows): Details
    {
        $all = [];
        foreach ($rows as $row) {
            $all[] = new ReachedDetail(DetailKind::from($row->kind), Clauses::decode($row->reach), $row->text);
        }

        return new Details($all);
    }

    /**
     * @param  iterable<stdClass>  $rows  of product_values
     * @return array<int, Adjustment> by value id
     */
    public static function adjustments(iterable $rows, Currency $currency): array
    {
        $adjustments = [];
        foreach ($rows as $row) {
            if ($row->price_amount !== null || $row->price_percent !== null) {
                $adjustments[$row->value_id] = new Adjustment(
                    $row->price_amount === null ? null : Money::of($row->price_amount, $currency),
                    $row->price_percent === null ? null : self::exact(BigDecimal::of($row->price_percent)->stripTrailingZeros()),
                );
            }
        }

        return $adjustments;
    }

    private static function exact(BigDecimal $number): BigDecimal
    {
        return $number->getScale() < 0 ? $number->toScale(0) : $number;
    }

    /** @param  array<int, Adjustment>  $adjustments  by value id; values that are not named keep theirs */
    public static function storeAdjustments(Ledger $ledger, int $productId, array $adjustments): void
    {
        $updates = [];
        foreach (DB::table('product_values')->where('product_id', $productId)->whereIn('value_id', array_keys($adjustments))->pluck('value_id', 'id') as $rowId => $valueId) {
            $updates[$rowId] = StateRows::adjustment($adjustments[$valueId]);
        }
        $ledger->update('product_values', $updates);
    }

    /** Stores what is different: a row that says the same of the same part stays. */
    public static function store(Ledger $ledger, int $productId, Details $wanted): void
    {
        $stored = DB::table('details')->where('product_id', $productId)->orderBy('id')->get()->all();
        $kept = $updates = $new = [];
        foreach ($wanted->all as $detail) {
            $columns = ['reach' => Clauses::encode($detail->reach), 'text' => $detail->text];
            foreach ($stored as $row) {
                // The same text of another part, or another text of the same part, is the same row changed.
                if (! isset($kept[$row->id]) && $row->kind === $detail->kind->value && ($row->text === $detail->text || $row->reach === $columns['reach'])) {
                    $kept[$row->id] = true;
                    $updates[$row->id] = $columns;

                    continue 2;
                }
            }
            $new[] = ['kind' => $detail->kind->value] + $columns;
        }
        $ledger->delete('details', array_values(array_filter(array_map(fn (stdClass $row): int => $row->id, $stored), fn (int $id): bool => ! isset($kept[$id]))));
        $ledger->update('details', $updates);
        $ledger->insertMany('details', $productId, $new);
    }
}
