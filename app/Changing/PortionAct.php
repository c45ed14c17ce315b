<?php

declare(strict_types=1);

namespace App\Changing;

use App\Models\User;

/** Who changes many products, in which batch, by which Action. */
final readonly class PortionAct
{
    /** @param class-string $action */
    public function __construct(public User $user, public string $batchId, public string $action) {}
}
