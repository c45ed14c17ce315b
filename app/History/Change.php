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
     * @param  bool  $isNews  whether it changes what others may be looking at, although no version was looked at
     */
    public function __construct(
        public User $user,
        public ?int $productId,
        public ?int $version = null,
        public ?string $batch = null,
        public ?string $token = null,
        public bool $isNews = false,
    ) {}

    /** One of a batch: nobody looked at a version, but whoever has the product open is told that it changed. */
    public static function ofBatch(User $user, int $productId, string $batch): self
    {
        return new self($user, $productId, null, $batch, null, true);
    }

    /** Whether the product gets a new version by it, so that what others look at is out of date. */
    public function advances(): bool
    {
        return $this->version !== null || $this->isNews;
    }
}
