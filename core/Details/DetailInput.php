<?php

declare(strict_types=1);

namespace Core\Details;

/** A field in which a detail, or a part of one, is typed. */
final readonly class DetailInput
{
    /**
     * @param  string  $type  "text", "date", "select" or "lines"
     * @param  array<string, string>  $options  of a select, value => label
     * @param  string  $known  id of the list of what was typed before; empty for none
     */
    public function __construct(
        public string $label,
        public string $value,
        public string $type = 'text',
        public string $hint = '',
        public array $options = [],
        public string $known = '',
    ) {}
}
