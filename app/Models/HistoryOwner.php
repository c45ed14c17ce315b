<?php

declare(strict_types=1);

namespace App\Models;

/** What has a history of its own: a product, or the library. */
interface HistoryOwner
{
    /** Null for the library. */
    public function keptProductId(): ?int;

    public function keptName(): string;

    public function keptVersion(): int;
}
