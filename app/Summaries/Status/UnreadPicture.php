<?php

declare(strict_types=1);

namespace App\Summaries\Status;

/** A picture that has no sizes yet, or cannot be given any. */
final readonly class UnreadPicture
{
    /**
     * @param  ?string  $file  its name in a product; null where no product has it, as code and product
     * @param  ?string  $failure  why it cannot be read; null while it waits
     */
    public function __construct(
        public string $state,
        public int $bytes,
        public ?string $failure,
        public ?string $file,
        public ?string $code,
        public ?string $product,
    ) {}

    public function kilobytes(): int
    {
        return (int) round($this->bytes / 1024);
    }
}
