<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

/** One page of the catalog's list. */
final readonly class ListPage
{
    /**
     * @param  list<ListedProduct>  $rows
     * @param  ?int  $found  how many products there are; null where there are more than are counted
     * @param  ?string  $earlier  the place before which the page before ends; null on the first
     * @param  ?string  $later  the place after which the next page begins; null on the last
     * @param  ?string  $meant  the words that were looked for instead, where what was typed is in no product
     */
    public function __construct(
        public array $rows,
        public ?int $found,
        public ?string $earlier,
        public ?string $later,
        public ?string $meant,
    ) {}
}
