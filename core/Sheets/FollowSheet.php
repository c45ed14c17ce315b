<?php

declare(strict_types=1);

namespace Core\Sheets;

use Core\Changes\AsksCatalog;
use Core\Changes\BecomeState;
use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\GrowsLibrary;
use Core\Product\Difference\Difference;
use Core\Product\Product;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Reading\ReadSheet;
use Core\Sheets\Reading\SheetReader;
use Core\Sheets\Reading\SheetTerms;
use Core\Sheets\Verdicts\UnchangedRows;

/** Makes of a product what the rows of a sheet say. */
final readonly class FollowSheet implements AsksCatalog, GrowsLibrary
{
    /** @param  string  $why  "Sheet spring.csv": what changed is said behind it */
    public function __construct(private GivenProduct $given, private SheetTerms $terms, private string $why) {}

    /** What is wanted, and what is the matter with cells. */
    public function read(Product $product, Catalog $catalog): ReadSheet
    {
        return (new SheetReader($catalog, $this->terms))->read($product, $this->given);
    }

    /** Whether its rows say word for word what the product says, so that they need not be read. */
    public function changesNothing(Product $product): bool
    {
        return UnchangedRows::are($product, $this->given, $this->terms->empty);
    }

    /** @throws RejectedRows */
    public function named(Product $product, Catalog $catalog): array
    {
        return $this->sound($product, $catalog)->named;
    }

    /** @throws RejectedRows */
    public function on(Product $product, Catalog $catalog): Changed
    {
        return $this->become($product, $catalog, $this->sound($product, $catalog));
    }

    /** What it becomes after it was read. */
    public function become(Product $product, Catalog $catalog, ReadSheet $read): Changed
    {
        return Difference::between($product->state, $read->wanted)->isNone()
            ? new Changed($product->state, '')
            : (new BecomeState($read->wanted, $this->why))->on($product, $catalog);
    }

    /** What its rows call the product; empty where they do not say it. */
    public function productName(): string
    {
        return $this->given->first(Field::of(FieldKind::Name));
    }

    public function askedCodes(): array
    {
        return $this->texts(FieldKind::Sku);
    }

    public function askedGtins(): array
    {
        return $this->texts(FieldKind::Gtin);
    }

    /** @return list<string> */
    private function texts(FieldKind $kind): array
    {
        $texts = array_map(fn(GivenRow $row): string => $row->text(Field::of($kind)), $this->given->rows);

        return array_values(array_filter($texts, fn(string $text): bool => $text !== ''));
    }

    private function sound(Product $product, Catalog $catalog): ReadSheet
    {
        $read = $this->read($product, $catalog);

        return $read->problems === [] ? $read : throw RejectedRows::of($read->problems);
    }
}
