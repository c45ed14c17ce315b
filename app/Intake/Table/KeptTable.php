<?php

declare(strict_types=1);

namespace App\Intake\Table;

use App\Intake\ReadFile;

/** A drop as it was read, in the form in which it is kept. */
final readonly class KeptTable
{
    /**
     * @param  string  $stamp  of all that it was read by
     * @param  string  $readAt  the stamp when all files were read: under it their portions are kept
     * @param  list<int>  $productIds  that files are read to be of
     * @param  string  $lines  serialized, in order
     * @param  list<list<int>>  $orders  ids of all files in each order in which portions of them are kept
     * @param  string  $settled  serialized: files that were settled since, by id
     */
    private function __construct(
        public string $stamp,
        public string $readAt,
        public array $productIds,
        private string $lines,
        private array $orders,
        private string $settled,
        public bool $isAhead,
    ) {}

    /**
     * @param  array<int, DropLine>  $lines
     * @param  list<list<int>>  $orders  ids of all files in each order in which portions of them are kept
     */
    public static function of(string $stamp, array $lines, array $orders): self
    {
        return new self($stamp, $stamp, self::products($lines), serialize($lines), $orders, serialize([]), false);
    }

    /**
     * @param  array<int, DropLine>  $lines
     * @return list<int> ids of the products that they are of
     */
    public static function products(array $lines): array
    {
        return array_values(
            array_unique(array_filter(array_map(fn(DropLine $line): ?int => $line->productId, $lines))),
        );
    }

    /**
     * @param  array<int, DropLine>  $lines  all, in order
     * @param  array<int, ReadFile>  $settled  by id
     */
    public function with(array $lines, array $settled, string $stamp): self
    {
        return new self(
            $stamp,
            $this->readAt,
            self::products($lines),
            serialize($lines),
            $this->orders,
            serialize($settled + $this->settled()),
            true,
        );
    }

    /** @return array<int, DropLine> by file id, in order */
    public function lines(): array
    {
        /** @var array<int, DropLine> $lines */
        $lines = unserialize($this->lines);

        return $lines;
    }

    /** @return array<int, ReadFile> by id */
    public function settled(): array
    {
        /** @var array<int, ReadFile> $settled */
        $settled = unserialize($this->settled);

        return $settled;
    }

    /**
     * @param  list<int>  $ids
     * @param  int  $size  files in a portion
     * @return array{int, list<int>} the order in which these files are in the fewest portions, and those
     */
    public function portionsOf(array $ids, int $size): array
    {
        $fewest = null;
        foreach ($this->orders as $order => $all) {
            $places = array_values(array_intersect_key(array_flip($all), array_flip($ids)));
            $portions = array_values(array_unique(array_map(fn(int $place): int => intdiv($place, $size), $places)));
            if ($fewest === null || count($portions) < count($fewest[1])) {
                $fewest = [$order, $portions];
            }
        }

        return $fewest ?? [0, []];
    }
}
