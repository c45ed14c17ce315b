<?php

declare(strict_types=1);

namespace Core\Sheets\Verdicts;

/** What a sheet does to a product. */
final readonly class ProductVerdict
{
    /**
     * @param  string  $words  what it does, or the first of the reasons why it does nothing
     * @param  list<RowVerdict>  $rows  one for each row of the sheet
     * @param  int  $leftOut  combinations that are left out since no row is about them
     * @param  list<string>  $additions  "the value Dusk of Color": what is new to the library
     */
    public function __construct(
        public SheetVerdict $verdict,
        public string $words,
        public array $rows,
        public int $leftOut = 0,
        public array $additions = [],
    ) {}

    /** Whether there is no more to say of a row than of the product. */
    public function isSaidBy(RowVerdict $row): bool
    {
        return $row->verdict === $this->verdict && $row->changes === [] && $row->problems === [];
    }

    /** How many rows there is no more to say of. */
    public function plainRows(): int
    {
        return count(array_filter($this->rows, $this->isSaidBy(...)));
    }
}
