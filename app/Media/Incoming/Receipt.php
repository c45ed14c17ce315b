<?php

declare(strict_types=1);

namespace App\Media\Incoming;

/** What became of the files that were dropped. */
final readonly class Receipt
{
    /**
     * @param  list<string>  $taken  names of files now in the tray
     * @param  list<string>  $known  sentences about files that were in the product already
     * @param  list<string>  $refused  sentences about files that were not taken
     * @param  list<string>  $warnings  sentences about files whose names mean something else than where they were
     *   linked
     */
    public function __construct(
        public array $taken,
        public array $known,
        public array $refused,
        public array $warnings,
    ) {}
}
