<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Reach\Reach;

/** Something said of a product, or of a part of it. */
final readonly class ReachedDetail
{
    /**
     * @param  string  $text  as the reader keeps it; empty says of a part that it has none, whatever the product has
     */
    public function __construct(public DetailKind $kind, public Reach $reach, public string $text) {}
}
