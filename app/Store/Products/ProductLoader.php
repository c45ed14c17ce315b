<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Ledger\ChangeLog;
use App\Models\Product;
use App\Store\AxisReader;
use App\Store\ConsistentRead;
use App\Store\PlacementReader;
use App\Store\PlacementRow;
use App\Store\ProductRows;
use App\Store\StateReader;
use Core\Gallery\Placement;
use Core\Matrix\Matrix;
use Core\Product\Sku;
use Core\Reach\Reach;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Loads a product into core values. */
final class ProductLoader
{
    private const FOLLOWED = 2_000;

    /** What a product was loaded from last, and at which of its revisions. */
    private ?ProductRows $rows = null;

    /** @var array{int, int} product id, revision */
    private array $rowsAre = [0, 0];

    public function __construct(private readonly StateReader $states, private readonly PlacementReader $placements) {}

    /** A product whose own row was read in this transaction; anybody else reads it `again`. */
    public function load(Product $product): LoadedProduct
    {
        $this->rowsAre = [$product->id, $product->revision];

        return ConsistentRead::of(function () use ($product): LoadedProduct {
            $this->rows = ProductRows::stored([$product->id]);

            return $this->assemble([$product], $this->rows)[$product->id];
        });
    }

    /** The matrix of a product alone. */
    public function matrix(Product $product): Matrix
    {
        return $this->matrices([$product])[$product->id];
    }

    /**
     * The matrices of products alone, in two queries.
     *
     * @param  list<Product>  $products
     * @return array<int, Matrix> by product id
     */
    public function matrices(array $products): array
    {
        return ConsistentRead::of(fn(): array => $this->readMatrices($products));
    }

    /**
     * @param  list<Product>  $products
     * @return array<int, Matrix> by product id
     */
    private function readMatrices(array $products): array
    {
        $ids = array_map(fn(Product $product): int => $product->id, $products);
        $axes = DB::table('product_axes')
            ->join('axes', 'axes.id', '=', 'product_axes.axis_id')
            ->whereIn('product_axes.product_id', $ids)
            ->orderBy('product_axes.position')
            ->orderBy('product_axes.id')
            ->get([
                'product_axes.*',
                'axes.name',
                'axes.kind',
                DB::raw('coalesce(product_axes.changes_picture, axes.changes_picture) as changes_picture'),
                DB::raw('coalesce(product_axes.display, axes.display) as display'),
            ])
            ->groupBy('product_id');
        $values = DB::table('product_values')
            ->join('axis_values', 'axis_values.id', '=', 'product_values.value_id')
            ->whereIn('product_values.product_id', $ids)
            ->orderBy('product_values.position')
            ->orderBy('product_values.id')
            ->get(['product_values.*', 'axis_values.name', 'axis_values.code'])
            ->groupBy('product_id');
        $matrices = [];
        foreach ($products as $product) {
            $ownAxes = array_values($axes->get($product->id)?->all() ?? []);
            $ownValues = array_values($values->get($product->id)?->all() ?? []);
            $library = array_map(
                fn(stdClass $row): stdClass => (object) [
                    'id' => $row->value_id,
                    'name' => $row->name,
                    'code' => $row->code,
                ],
                $ownValues,
            );
            $axesById = array_column($ownAxes, null, 'axis_id');
            $valuesById = array_column($library, null, 'id');
            $matrices[$product->id] = new Matrix(
                AxisReader::axes($ownAxes, $axesById, $ownValues, $valuesById),
                Reach::fromArrays($product->left_out),
                AxisReader::sleeping($ownAxes, $axesById, $ownValues, $valuesById),
            );
        }

        return $matrices;
    }

    /**
     * What was loaded last is followed through changes that were made to it just now, so that it need not be read
     * again.
     *
     * @param  ChangeLog  $changes  where there are very many, reading again is quicker
     */
    public function follow(Product $before, int $revision, ChangeLog $changes): void
    {
        $canFollow = $this->rowsAre === [$before->id, $before->revision] && $changes->count() <= self::FOLLOWED;
        $this->rows = $canFollow ? $this->rows?->after($before->id, $changes) : null;
        $this->rowsAre = [$before->id, $revision];
    }

    public function named(string $code): Product
    {
        return Product::query()->standing()->where('code', $code)->firstOrFail();
    }

    /**
     * @return ?array{LoadedProduct, Sku} the product that has a SKU of this code, on offer or retired; null where none
     * has
     */
    public function withSku(string $code): ?array
    {
        $row = DB::table('skus')
            ->join('products', 'products.id', '=', 'skus.product_id')
            ->whereNull('products.removed_at')
            ->where('skus.code', $code)
            ->first(['skus.id', 'product_id']);
        if ($row === null) {
            return null;
        }
        $loaded = ConsistentRead::of(
            fn(): LoadedProduct => $this->load(Product::query()->whereKey((int) $row->product_id)->firstOrFail()),
        );
        foreach ($loaded->core->state->skus as $sku) {
            if ($sku->id === $row->id) {
                return [$loaded, $sku];
            }
        }

        return null;
    }

    /** A product as it stands at this moment, its own row too. */
    public function again(Product $product): LoadedProduct
    {
        return ConsistentRead::of(fn(): LoadedProduct => $this->load(Product::query()->findOrFail($product->id)));
    }

    /**
     * A product that was changed just now: from what was followed, where that is of its latest revision, else read
     * anew.
     */
    public function changed(Product $product): LoadedProduct
    {
        return ConsistentRead::of(function () use ($product): LoadedProduct {
            $product = Product::query()->findOrFail($product->id);
            $rows = $this->rowsAre === [$product->id, $product->revision] ? $this->rows : null;
            $this->forget();

            return $rows === null ? $this->load($product) : $this->assemble([$product], $rows)[$product->id];
        });
    }

    /** After a change that was not kept. */
    public function forget(): void
    {
        $this->rows = null;
    }

    /**
     * Several products in as many queries as one.
     *
     * @param  list<Product>  $products
     * @return array<int, LoadedProduct> by product id
     */
    public function loadMany(array $products): array
    {
        return ConsistentRead::of(
            fn(): array => $this->assemble(
                $products,
                ProductRows::stored(array_map(fn(Product $product): int => $product->id, $products)),
            ),
        );
    }

    /**
     * @param  list<int>  $productIds
     * @return list<LoadedProduct> those that are there, in this order
     */
    public function standing(array $productIds): array
    {
        $loaded = ConsistentRead::of(
            fn(): array => $this->loadMany(
                array_values(Product::query()->standing()->whereKey($productIds)->get()->all()),
            ),
        );

        return array_values(
            array_map(
                fn(int $id): LoadedProduct => $loaded[$id],
                array_filter($productIds, fn(int $id): bool => isset($loaded[$id])),
            ),
        );
    }

    /**
     * @param  list<Product>  $products
     * @return array<int, LoadedProduct> by product id
     */
    public function assemble(array $products, ProductRows $rows): array
    {
        $photos = $rows->referred('placements', 'photo_id', 'photos');
        $loaded = [];
        foreach ($products as $product) {
            $placements = $this->placements->read($rows->of('placements', $product->id), $photos);
            $pictures = array_map(fn(PlacementRow $row): Placement => $row->placement, array_values($placements));
            $core = $this->states->product((object) $product->getAttributes(), $rows, $pictures);
            $loaded[$product->id] = new LoadedProduct($product, $core, $placements);
        }

        return $loaded;
    }
}
