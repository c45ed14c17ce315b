<?php

declare(strict_types=1);

namespace App\Files\Packages;

use App\Store\Library\Portable\PortableColumn;
use App\Store\Library\Portable\PortableTable;

/** A table of a package, as its Table Schema describes it. */
final readonly class PackageTable
{
    /**
     * @param  list<PortableColumn>  $columns
     * @param  list<string>  $key  columns by which a row is told from all others; none where it is not
     * @param  array<string, array{string, string}>  $refers  column => the table and the column it refers to
     */
    public function __construct(
        public string $name,
        public string $description,
        public array $columns,
        public array $key = [],
        public array $refers = [],
    ) {}

    public static function ofLibrary(PortableTable $table): self
    {
        $key = array_filter($table->columns(), fn(PortableColumn $column): bool => $column->isKey);

        return new self(
            $table->name(),
            $table->description(),
            $table->columns(),
            array_values(array_map(fn(PortableColumn $column): string => $column->name, $key)),
        );
    }

    /** Where it lies in the package. */
    public function path(): string
    {
        return "tables/{$this->name}.csv";
    }

    /** @return list<string> */
    public function header(): array
    {
        return array_map(fn(PortableColumn $column): string => $column->name, $this->columns);
    }

    /** @return array<string, mixed> after Frictionless Data, Table Schema 1 */
    public function schema(): array
    {
        $schema = [
            'fields' => array_map(
                fn(PortableColumn $column): array => [
                    'name' => $column->name,
                    'type' => $column->type,
                    'description' => $column->description,
                ] + ($column->isRequired ? ['constraints' => ['required' => true]] : []),
                $this->columns,
            ),
        ];
        if ($this->key !== []) {
            $schema['primaryKey'] = $this->key;
        }
        foreach ($this->refers as $column => [$table, $other]) {
            $schema['foreignKeys'][] = [
                'fields' => $column,
                'reference' => ['resource' => $table, 'fields' => $other],
            ];
        }

        return $schema;
    }
}
