<?php

declare(strict_types=1);

namespace App\History;

use App\Models\User;

/** Who changes what, and which version of it they were looking at. */
final readonly class Change
{
    /**
     * @param  ?int  $productId  null for the library
     * @param  ?int  $version  null where the change only adds and cannot run over anybody's
     * @param  ?string  $batch  changes of one batch are undone together
     * @param  ?string  $token  a UUID that tells this change from every other: sent again with it, it is made once
     */
    public function __construct(
        public User $user,
        public ?int $productId,
        public ?int $version = null,
        public ?string $batch = null,
        public ?string $token = null,
    ) {
    }
}
