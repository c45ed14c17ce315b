<?php

declare(strict_types=1);

namespace App\Http\Screens\Rows;

use App\Http\ChosenColumns;
use App\Http\Requests\ProductRequest;
use App\Http\Screens\Product\PageScreen;
use App\Store\Products\LoadedProduct;

/** The SKUs of a product as rows. */
final readonly class ProductRowsScreen implements PageScreen
{
    private function __construct(public RowsTable $table, private string $address, public bool $canAdd) {}

    public static function forPage(LoadedProduct $loaded, ProductRequest $request): static
    {
        $from = $request->query('from');

        return new self(
            new RowsTable([$loaded], ChosenColumns::of($request), is_numeric($from) ? max(0, (int) $from) : 0),
            route('rows', $loaded->product),
            $loaded->core->matrix->axes !== [],
        );
    }

    public function address(int $from): string
    {
        return $from === 0 ? $this->address : "{$this->address}?from={$from}";
    }
}
