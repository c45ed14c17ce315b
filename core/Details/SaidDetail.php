<?php

declare(strict_types=1);

namespace Core\Details;

/** What is said of one SKU. */
final readonly class SaidDetail
{
    /** @param  bool  $isOwn  whether its part says otherwise than the product */
    public function __construct(public DetailKind $kind, public string $text, public bool $isOwn) {}
}
