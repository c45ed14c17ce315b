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
    /**
     * @param  bool  $canAdd  whether rows can be added: they say a value on each axis
     * @param  bool  $hasSkus  whether anything is on offer that a column could part
     */
    private function __construct(
        public RowsTable $table,
        private string $address,
        public bool $canAdd,
        public bool $hasSkus,
    ) {}

    public static function forPage(LoadedProduct $loaded, ProductRequest $request): static
    {
        $from = $request->query('from');

        return new self(
            new RowsTable([$loaded], ChosenColumns::of($request), is_numeric($from) ? max(0, (int) $from) : 0),
            route('rows', $loaded->product),
            $loaded->core->matrix->axes !== [],
            $loaded->core->made !== [],
        );
    }

    public function address(int $from): string
    {
        return $from === 0 ? $this->address : "{$this->address}?from={$from}";
    }
}
