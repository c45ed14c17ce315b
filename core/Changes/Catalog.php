<?php

declare(strict_types=1);

namespace Core\Changes;

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
}
