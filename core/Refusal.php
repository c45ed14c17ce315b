<?php

declare(strict_types=1);

namespace Core;

/** Something that cannot be done as it is meant: what is the matter, and where it was typed. */
class Refusal extends CoreException
{
    /**
     * @param  ?string  $field  of a form that it is about
     * @param  ?int  $row  of a sheet or a pasted block, from 1
     * @param  ?string  $column  of a sheet or a pasted block
     */
    public function __construct(
        string $message,
        public readonly RefusalKind $kind = RefusalKind::Impossible,
        public readonly ?string $field = null,
        public readonly ?int $row = null,
        public readonly ?string $column = null,
    ) {
        parent::__construct($message);
    }

    public static function nothingSelected(): self
    {
        return new self(
            'Select the SKUs first: a row, a column or cells of the matrix.',
            RefusalKind::Missing,
            'selected',
        );
    }
}
