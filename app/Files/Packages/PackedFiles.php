<?php

declare(strict_types=1);

namespace App\Files\Packages;

use App\Files\Sheets\SheetWriter;
use Core\Sheets\SafeCell;
use RuntimeException;

/** The files of a package while they are written, in a folder of this machine. */
final class PackedFiles
{
    /** @var array<string, SheetWriter> by table */
    private array $writers = [];

    /** @var array<string, PackageTable> by name */
    private array $tables = [];

    /** @var resource */
    private $documents;

    private int $products = 0;

    /** @var array<string, string> name in the package => path on the disk of the pictures */
    private array $photos = [];

    /** @throws RuntimeException */
    public function __construct(private readonly string $folder)
    {
        $this->documents =
            fopen("{$folder}/documents", 'wb') ?: throw new RuntimeException("{$folder} cannot be written to.");
    }

    public function begin(PackageTable $table): void
    {
        $this->tables[$table->name] = $table;
        $this->writers[$table->name] = SheetWriter::csv($this->file($table));
        $this->writers[$table->name]->row($table->header());
    }

    /** @param  list<string>  $cells */
    public function row(string $table, array $cells): void
    {
        $this->writers[$table]->row(array_map(SafeCell::write(...), $cells));
    }

    public function document(string $json): void
    {
        fwrite($this->documents, "{$json}\n");
        $this->products++;
    }

    public function photo(string $name, string $original): void
    {
        $this->photos[$name] = $original;
    }

    public function products(): int
    {
        return $this->products;
    }

    /** @return array<string, string> name in the package => path on the disk of the pictures */
    public function photos(): array
    {
        return $this->photos;
    }

    /** @return list<array<string, mixed>> as the descriptor lists them; nothing can be written after */
    public function resources(): array
    {
        foreach ($this->writers as $writer) {
            $writer->close();
        }
        $this->writers = [];
        fclose($this->documents);
        $resources = [];
        foreach ($this->tables as $table) {
            $resources[] = [
                'profile' => 'tabular-data-resource',
                'name' => $table->name,
                'path' => $table->path(),
                'description' => $table->description,
                'format' => 'csv',
                'mediatype' => 'text/csv',
                'encoding' => 'utf-8',
            ] +
                $this->measured($this->file($table)) + ['schema' => $table->schema()];
        }
        $resources[] =
            [
                'profile' => 'data-resource',
                'name' => 'documents',
                'path' => PackageWriter::DOCUMENTS,
                'description' => 'The products, one to a line, after the JSON Schema "A product".',
                'format' => 'jsonl',
                'mediatype' => 'application/jsonl',
                'encoding' => 'utf-8',
            ] + $this->measured("{$this->folder}/documents");

        return $resources;
    }

    /** @return array<string, string> name in the package => path on this machine */
    public function closed(): array
    {
        $files = [PackageWriter::DOCUMENTS => "{$this->folder}/documents"];
        foreach ($this->tables as $table) {
            $files[$table->path()] = $this->file($table);
        }

        return $files;
    }

    private function file(PackageTable $table): string
    {
        return "{$this->folder}/{$table->name}.csv";
    }

    /** @return array{bytes: int, hash: string} */
    private function measured(string $file): array
    {
        return ['bytes' => (int) filesize($file), 'hash' => 'sha256:' . hash_file('sha256', $file)];
    }
}
