<?php

declare(strict_types=1);

namespace App\Intake\Table;

use App\Intake\ReadFile;
use App\Models\Drop;
use Closure;
use Core\Matching\Drop\DropFileStatus;

/** A drop as it is read: a line for each file, and the reading of those that are shown. */
final readonly class DropTable
{
    /**
     * @param  array<int, DropLine>  $lines  by file id, those first that need a person
     * @param  Closure(list<int>): array<int, ReadFile>  $read  by file id
     * @param  string  $pulse  how things stood before they were read; empty where they are to be read anew
     * @param  bool  $isAhead  whether some were settled since all were read: how others stand may have changed by it
     */
    public function __construct(
        public Drop $drop,
        public array $lines,
        private Closure $read,
        public string $pulse,
        public bool $isAhead = false,
    ) {}

    /**
     * @param  list<int>  $ids
     * @return array<int, ReadFile> by id, in the order that is asked for; those that are there
     */
    public function files(array $ids): array
    {
        $read = ($this->read)($ids);
        $files = [];
        foreach ($ids as $id) {
            if (isset($read[$id])) {
                $files[$id] = $read[$id];
            }
        }

        return $files;
    }

    public function count(DropFileStatus ...$statuses): int
    {
        return count($this->withStatus(...$statuses));
    }

    /** @return array<int, DropLine> */
    public function withStatus(DropFileStatus ...$statuses): array
    {
        return array_filter($this->lines, fn(DropLine $line): bool => in_array($line->status, $statuses, true));
    }

    /** @return array<int, DropLine> pictures that are kept and not linked */
    public function open(): array
    {
        return array_filter($this->lines, fn(DropLine $line): bool => $line->status->isOpen());
    }

    /**
     * Those first that need a person, what is wrong with them beside one another.
     *
     * @param  array<int, DropLine>  $lines
     * @return array<int, DropLine>
     */
    public static function inOrder(array $lines): array
    {
        $order = array_flip(array_map(fn(DropFileStatus $status): string => $status->value, DropFileStatus::cases()));
        uasort(
            $lines,
            fn(DropLine $a, DropLine $b): int => $a->status === $b->status
                ? ($a->trouble === $b->trouble
                    ? strnatcasecmp($a->path, $b->path)
                    : strcmp($a->trouble, $b->trouble))
                : $order[$a->status->value] <=> $order[$b->status->value],
        );

        return $lines;
    }

    /**
     * @param  array<int, DropLine>  $lines  in order
     * @return list<int> ids, by the names of their products; those of none first
     */
    public static function byProduct(array $lines): array
    {
        $names = array_map(fn(DropLine $line): string => $line->hasProduct() ? "1{$line->product}" : '0', $lines);
        asort($names, SORT_STRING);

        return array_keys($names);
    }
}
