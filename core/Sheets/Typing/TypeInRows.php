<?php

declare(strict_types=1);

namespace Core\Sheets\Typing;

use Core\Changes\AsksCatalog;
use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\GrowsLibrary;
use Core\CoreException;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\FollowSheet;
use Core\Sheets\Reading\SheetTerms;

/** Makes of a product what somebody typed into its rows: all of it, or nothing where one cell cannot be. */
final readonly class TypeInRows implements AsksCatalog, GrowsLibrary
{
    /** Cells that are named one by one. */
    private const NAMED = 3;

    /**
     * @param  non-empty-list<CellEdit>  $edits  of one product
     * @param  SheetTerms  $terms  with which an empty cell takes away what is there
     */
    public function __construct(private array $edits, private SheetTerms $terms) {}

    /** @throws CoreException */
    public function named(Product $product, Catalog $catalog): array
    {
        return $this->follow($product)->named($product, $catalog);
    }

    /** @throws CoreException */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $changed = $this->follow($product)->on($product, $catalog);

        return $changed->state === $product->state ? $changed : new Changed($changed->state, $this->inWords($product));
    }

    public function askedCodes(): array
    {
        return $this->texts(FieldKind::Sku);
    }

    public function askedGtins(): array
    {
        return $this->texts(FieldKind::Gtin);
    }

    private function follow(Product $product): FollowSheet
    {
        return new FollowSheet(EditedRows::of($product, $this->edits), $this->terms, 'Rows');
    }

    /** @return list<string> */
    private function texts(FieldKind $kind): array
    {
        $edits = array_filter(
            $this->edits,
            fn(CellEdit $edit): bool => $edit->field->kind === $kind && trim($edit->text) !== '',
        );

        return array_values(array_map(fn(CellEdit $edit): string => trim($edit->text), $edits));
    }

    /** "Price of Moss, M set to 52.00 (was 49.00)"; of many how many of which columns. */
    private function inWords(Product $product): string
    {
        if (count($this->edits) > self::NAMED) {
            $counts = array_count_values(array_map(fn(CellEdit $edit): string => $edit->field->header(), $this->edits));
            $words = array_map(
                fn(string $header, int $count): string => $count === 1 ? $header : "{$header} of {$count} rows",
                array_keys($counts),
                $counts,
            );

            return 'Typed in rows: ' . implode(', ', $words);
        }

        return ucfirst(
            implode('; ', array_map(fn(CellEdit $edit): string => $this->said($product, $edit), $this->edits)),
        );
    }

    private function said(Product $product, CellEdit $edit): string
    {
        $sku = array_column($product->state->skus, null, 'id')[$edit->skuId] ?? null;
        $place = $sku instanceof Sku && !$edit->field->isOfProduct() ? " of {$product->placeOf($sku)}" : '';
        $shown = fn(string $text): string => trim($text) === '' ? 'nothing' : mb_strimwidth(trim($text), 0, 60, '…');

        return "{$edit->field->header()}{$place} set to {$shown($edit->text)} (was {$shown($edit->was)})";
    }
}
