<?php

declare(strict_types=1);

namespace Core\Changes;

use Core\Changes\Codes\NamedPattern;
use Core\Changes\Matrix\SharedAxis;
use Core\Changes\Skus\NamedRange;

/** What a change has to know of the rest of the catalog. */
interface Catalog
{
    /**
     * What has codes of products or SKUs, without regard to case.
     *
     * @param  list<string>  $codes
     * @param  ?string  $sharing  code of a product that may share its code with its only SKU; null where none may
     * @param  list<int>  $except  ids of SKUs that do not count
     * @return array<string, string> code in upper case => what has it, in words
     */
    public function codes(array $codes, ?string $sharing, array $except): array;

    /**
     * What has GTINs, in whatever length they are written.
     *
     * @param  list<string>  $gtins
     * @param  list<int>  $except  ids of SKUs that do not count
     * @return array<string, string> GTIN as it was asked => what has it, in words
     */
    public function gtins(array $gtins, array $except): array;

    /** A range of GTINs; whoever gives numbers of it next waits until this change is made. Null where it is gone. */
    public function gtinRange(int $id): ?NamedRange;

    /**
     * GTINs of the catalog from one to another, as they stand this very moment.
     *
     * @return array<string, int> GTIN => SKU id
     */
    public function gtinsBetween(string $first, string $last): array;

    /**
     * The highest numbers that stand between two texts in codes of the catalog.
     *
     * @param  array<string, array{string, string}>  $around  what stands before and behind
     * @return array<string, int> by the same keys; 0 for none
     */
    public function highestNumbers(array $around): array;

    /** A pattern of the library by which codes are made; null where it is gone. */
    public function codePattern(int $id): ?NamedPattern;

    /**
     * Axes of the library.
     *
     * @param  list<string>  $folded  by these names
     * @param  list<int>  $ids  and with these ids
     * @return list<SharedAxis> those that are there
     */
    public function axes(array $folded, array $ids): array;

    /** @return list<string> the names of all axes of the library */
    public function axisNames(): array;
}
