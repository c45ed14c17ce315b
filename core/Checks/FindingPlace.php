<?php

declare(strict_types=1);

namespace Core\Checks;

/** Where something is mended: a page of a product, and a part of it. */
final readonly class FindingPlace
{
    /**
     * @param  string  $part  of the board the key of a SKU field, of the details that of a field; empty for the whole
     */
    private function __construct(public Page $page, public string $part = '') {}

    public static function on(Page $page): self
    {
        return new self($page);
    }

    /** The board, showing a field of the SKUs. */
    public static function board(string $skuField): self
    {
        return new self(Page::Board, $skuField);
    }

    /** A field of the details. */
    public static function detail(string $field): self
    {
        return new self(Page::Details, $field);
    }
}
