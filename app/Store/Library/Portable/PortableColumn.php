<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

/** A column of a table that travels, in the words of Table Schema. */
final readonly class PortableColumn
{
    /**
     * @param  string  $type  of Table Schema: string, integer, number, boolean, array or object (both as JSON)
     * @param  bool  $isRequired  whether it is never empty
     * @param  bool  $isKey  whether rows are told apart by it
     */
    public function __construct(
        public string $name,
        public string $description,
        public string $type = 'string',
        public bool $isRequired = false,
        public bool $isKey = false,
    ) {}

    public static function key(string $name, string $description): self
    {
        return new self($name, $description, isRequired: true, isKey: true);
    }

    /** A list of texts. */
    public static function many(string $name, string $description): self
    {
        return new self($name, $description, 'array');
    }

    /** Names in other languages, by tag. */
    public static function translations(): self
    {
        return new self('translations', 'What it is called in other languages, by tag (RFC 5646).', 'object');
    }
}
