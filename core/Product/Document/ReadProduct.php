<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Core\Product\ProductState;

/** A product out of a document, and what the library lacks of it: these have ids below zero in the state. */
final readonly class ReadProduct
{
    /** @param  list<MissingLibraryItem>  $lacking  in the order in which the document names them */
    public function __construct(public ProductState $state, public array $lacking) {}
}
