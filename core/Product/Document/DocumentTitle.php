<?php

declare(strict_types=1);

namespace Core\Product\Document;

/** What a document calls its product, before anybody has read the rest of it. */
final readonly class DocumentTitle
{
    public function __construct(public string $code, public string $name, public string $currency) {}
}
