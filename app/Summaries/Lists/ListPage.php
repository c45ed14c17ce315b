<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

use stdClass;

/** One page of the catalog's list. */
final readonly class ListPage
{
    /**
     * @param  list<stdClass>  $rows  of product_summaries, each with "live_name" and "live_code"
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
    ) {
    }
}
