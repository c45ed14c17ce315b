<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use Core\Refusal;
use Core\RefusalKind;

/** A row of a table that travels: texts by the names of their columns. What cannot be read is said with its place. */
final readonly class PortableRow
{
    private const DEPTH = 4;

    /**
     * @param  string  $table  what it is a row of
     * @param  int  $number  of the line in its file, the header is 1
     * @param  array<string, string>  $cells  by column
     */
    public function __construct(public string $table, public int $number, public array $cells) {}

    /** @throws Refusal where the table has no such column */
    public function text(string $column): string
    {
        return $this->cells[$column] ?? throw $this->amiss($column, 'it is missing');
    }

    /** @throws Refusal */
    public function isTrue(string $column): bool
    {
        return match (mb_strtolower($this->text($column))) {
            'true', '1' => true,
            'false', '0', '' => false,
            default => throw $this->amiss($column, 'true or false is expected'),
        };
    }

    /**
     * @return list<string>
     *
     * @throws Refusal
     */
    public function texts(string $column): array
    {
        $list = $this->json($column);
        if (!array_is_list($list) || array_filter($list, is_string(...)) !== $list) {
            throw $this->amiss($column, 'a list of texts is expected, as JSON');
        }

        return $list;
    }

    /**
     * @return list<array<string, mixed>>
     *
     * @throws Refusal
     */
    public function objects(string $column): array
    {
        $list = $this->json($column);
        if (!array_is_list($list) || array_filter($list, is_array(...)) !== $list) {
            throw $this->amiss($column, 'a list of objects is expected, as JSON');
        }

        return $list;
    }

    /**
     * What it is called in other languages, one to a line, as it is typed: "de: Moos".
     *
     * @throws Refusal
     */
    public function translations(): string
    {
        $lines = [];
        foreach ($this->json('translations') as $tag => $name) {
            if (!is_string($name)) {
                throw $this->amiss('translations', 'names by tags of languages are expected, as JSON');
            }
            $lines[] = "{$tag}: {$name}";
        }

        return implode("\n", $lines);
    }

    public function amiss(string $column, string $why): Refusal
    {
        return new Refusal(
            "Row {$this->number} of {$this->table} cannot be read at {$column}: {$why}.",
            RefusalKind::Unreadable,
            row: $this->number,
            column: $column,
        );
    }

    /** @return array<mixed> */
    private function json(string $column): array
    {
        $text = $this->text($column);
        $data = $text === '' ? [] : json_decode($text, true, self::DEPTH);

        return is_array($data) ? $data : throw $this->amiss($column, 'JSON is expected');
    }
}
