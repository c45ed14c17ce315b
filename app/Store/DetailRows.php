<?php

declare(strict_types=1);

namespace App\Store;

use Brick\Math\BigDecimal;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\ReachedDetail;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\Money;
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
                    $row->price_percent === null
                        ? null
                        : self::exact(BigDecimal::of($row->price_percent)->stripTrailingZeros()),
                );
            }
        }

        return $adjustments;
    }

    private static function exact(BigDecimal $number): BigDecimal
    {
        return $number->getScale() < 0 ? $number->toScale(0) : $number;
    }
}
