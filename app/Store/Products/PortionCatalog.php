<?php

declare(strict_types=1);

namespace App\Store\Products;

use Core\Changes\AsksCatalog;
use Core\Changes\Catalog;
use Core\Changes\Codes\NamedPattern;
use Core\Changes\Matrix\SharedAxis;
use Core\Changes\ProductChange;
use Core\Changes\SkuChange;
use Core\Changes\Skus\NamedRange;

/**
 * What changes of many products have to know of the rest of the catalog: what is asked for beforehand is looked up once,
 * and axes and patterns are held until the library grows.
 */
final class PortionCatalog implements Catalog
{
    /** @var ?array<int, SharedAxis> by id, once asked */
    private ?array $axes = null;

    /** @var array<int, ?NamedPattern> by id, once asked */
    private array $patterns = [];

    /** @var array<string, true> codes in capitals that nothing of the catalog has */
    private array $freeCodes = [];

    /** @var array<string, true> GTINs that nothing of the catalog has */
    private array $freeGtins = [];

    public function __construct(private readonly CatalogLookup $catalog) {}

    /**
     * Looks up what changes will ask for, so that they need not: a product asks for no code that one of its own SKUs
     * has already.
     *
     * @param  array<ProductChange|SkuChange>  $changes
     * @param  array<LoadedProduct>  $products  that they are about, as far as they are read as a whole
     */
    public function lookUp(array $changes, array $products): void
    {
        $own = [];
        foreach ($products as $loaded) {
            foreach ($loaded->core->state->skus as $sku) {
                $own[$sku->code] = true;
                $own[$sku->gtin ?? ''] = true;
            }
        }
        $asked = array_filter($changes, fn(object $change): bool => $change instanceof AsksCatalog);
        $isOther = fn(string $text): bool => !isset($own[$text]);
        $codes = array_merge(...array_map(fn(AsksCatalog $one): array => $one->askedCodes(), array_values($asked)));
        $gtins = array_merge(...array_map(fn(AsksCatalog $one): array => $one->askedGtins(), array_values($asked)));
        $this->know(array_values(array_filter($codes, $isOther)), array_values(array_filter($gtins, $isOther)));
    }

    /**
     * Looks up which of these are free, so that nobody asks for them again.
     *
     * @param  list<string>  $codes
     * @param  list<string>  $gtins  as they are typed
     */
    private function know(array $codes, array $gtins): void
    {
        $taken = $codes === [] ? [] : $this->catalog->codes($codes, null, []);
        foreach ($codes as $code) {
            $code = mb_strtoupper($code);
            if (!isset($taken[$code])) {
                $this->freeCodes[$code] = true;
            }
        }
        $numbers = array_values(
            array_filter($gtins, fn(string $gtin): bool => preg_match('/^\d{8,14}$/', $gtin) === 1),
        );
        $taken = $numbers === [] ? [] : $this->catalog->gtins($numbers, []);
        foreach ($numbers as $gtin) {
            if (!isset($taken[$gtin])) {
                $this->freeGtins[$gtin] = true;
            }
        }
    }

    /** The library has more axes or values now. */
    public function forgetLibrary(): void
    {
        $this->axes = null;
    }

    public function codes(array $codes, ?string $sharing, array $except): array
    {
        $open = array_values(
            array_filter($codes, fn(string $code): bool => !isset($this->freeCodes[mb_strtoupper($code)])),
        );

        return $open === [] ? [] : $this->catalog->codes($open, $sharing, $except);
    }

    public function gtins(array $gtins, array $except): array
    {
        $open = array_values(array_filter($gtins, fn(string $gtin): bool => !isset($this->freeGtins[$gtin])));

        return $open === [] ? [] : $this->catalog->gtins($open, $except);
    }

    public function gtinRange(int $id): ?NamedRange
    {
        return $this->catalog->gtinRange($id);
    }

    public function gtinsBetween(string $first, string $last): array
    {
        return $this->catalog->gtinsBetween($first, $last);
    }

    public function highestNumbers(array $around): array
    {
        return $this->catalog->highestNumbers($around);
    }

    public function codePattern(int $id): ?NamedPattern
    {
        return $this->patterns[$id] ??= $this->catalog->codePattern($id);
    }

    public function axes(array $folded, array $ids): array
    {
        return array_values(
            array_filter(
                $this->all(),
                fn(SharedAxis $axis): bool => in_array($axis->folded, $folded, true) || in_array($axis->id, $ids, true),
            ),
        );
    }

    public function axisNames(): array
    {
        return array_values(array_map(fn(SharedAxis $axis): string => $axis->name, $this->all()));
    }

    /** @return array<int, SharedAxis> */
    private function all(): array
    {
        return $this->axes ??= array_column($this->catalog->allAxes(), null, 'id');
    }
}
