<?php

declare(strict_types=1);

namespace Core\Sheets\Typing;

use Core\Product\Product;
use Core\Product\Sku;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\GivenRow;
use Core\Text\Name;

/** A column of a product's rows that is to make SKUs: each SKU goes to the value of the new axis that its row says. */
final readonly class ColumnAsAxis
{
    /** SKUs that a sentence names. */
    private const NAMED = 3;

    /**
     * @param  string  $name  of the axis
     * @param  array<int, string>  $texts  SKU id => what its row says
     * @return GivenProduct a row for each SKU on offer
     *
     * @throws Refusal where the axis has no name or is there already, or a SKU says nothing
     */
    public static function of(Product $product, string $name, array $texts): GivenProduct
    {
        $name = trim($name);
        if ($name === '') {
            throw new Refusal('Say what the axis is called.', RefusalKind::Missing, 'name');
        }
        foreach ($product->matrix->axes as $axis) {
            if (Name::of($axis->name)->is(Name::of($name))) {
                throw new Refusal("{$axis->name} makes SKUs of this product already.", RefusalKind::Taken, 'name');
            }
        }
        $skus = self::inOrder($product);
        $silent = array_filter($skus, fn(Sku $sku): bool => self::isSilent($texts[$sku->id] ?? ''));
        if ($skus === [] || $silent !== []) {
            throw self::unsaid($name, array_values($silent));
        }
        $code = Field::of(FieldKind::Sku);
        $value = Field::axis($name);
        $rows = [];
        foreach ($skus as $at => $sku) {
            $rows[] = new GivenRow($at + 1, [$code->key() => $sku->code, $value->key() => trim($texts[$sku->id])]);
        }

        return new GivenProduct([$code, $value], $rows);
    }

    /**
     * @param  list<string>  $lines  what each row says, in the order of the rows
     * @return array<int, string> SKU id => what its row says
     *
     * @throws Refusal where there are not as many as SKUs on offer
     */
    public static function typed(Product $product, array $lines): array
    {
        $skus = self::inOrder($product);
        if (count($lines) !== count($skus)) {
            throw new Refusal(
                'These are ' .
                    number_format(count($lines)) .
                    (count($lines) === 1 ? ' line' : ' lines') .
                    ', and the product has ' .
                    number_format(count($skus)) .
                    (count($skus) === 1 ? ' SKU' : ' SKUs') .
                    ' on offer. Give each SKU a line, in the order of the rows.',
                RefusalKind::Unreadable,
                'values',
            );
        }

        return array_combine(array_column($skus, 'id'), $lines);
    }

    /** @return list<Sku> those on offer, as their rows stand */
    public static function inOrder(Product $product): array
    {
        $skus = [];
        foreach ($product->matrix->inOrder($product->matrix->combinations()) as $cell) {
            if (isset($product->made[$cell->key])) {
                $skus[] = $product->made[$cell->key];
            }
        }

        return $skus;
    }

    /** Whether a row says nothing that could be a value. */
    public static function isSilent(string $text): bool
    {
        return in_array(mb_strtolower(trim($text)), ['', GivenRow::NONE], true);
    }

    /** @param  list<Sku>  $silent */
    private static function unsaid(string $name, array $silent): Refusal
    {
        if ($silent === []) {
            return new Refusal('Nothing is on offer here yet. Build the product first.', RefusalKind::Missing);
        }
        $codes = implode(', ', array_column(array_slice($silent, 0, self::NAMED), 'code'));
        $more = count($silent) - self::NAMED;

        return new Refusal(
            "Nothing is said of the {$name} of {$codes}" .
                ($more > 0 ? ' and ' . number_format($more) . ' more' : '') .
                '. Give each SKU a value.',
            RefusalKind::Missing,
            'values',
        );
    }
}
