<?php

declare(strict_types=1);

namespace App\Changing;

use App\Ledger\RowChange;
use App\Ledger\RowInserter;
use App\Models\Product;
use App\Store\StateRows;
use Core\Matrix\Matrix;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Illuminate\Database\Eloquent\Collection;

/**
 * Products that a portion makes: their rows stand before they are changed, and go where the change refuses. One whose
 * making was undone has its code still: it comes back, and becomes what is wanted of the new one.
 */
final class MadeProducts
{
    /** @var array<int, int> position => id of a product that was not there before */
    private array $new = [];

    /** @var array<int, int> position => id of a product that comes back */
    private array $returning = [];

    /** @var array<int, string> position => why it cannot be made */
    private array $refused = [];

    /** @param  array<int, ProductDetails>  $details  by position */
    public function __construct(array $details)
    {
        $there = $this->there($details);
        $rows = [];
        foreach ($details as $position => $one) {
            $code = mb_strtoupper($one->code);
            $other = $there[$code] ?? null;
            if ($other === true || ($other?->removed_at === null && $other !== null)) {
                $name = $other === true ? 'another product of this portion' : $other->name;
                $this->refused[
                    $position
                ] = "{$one->code} is the code of {$name}, which was made meanwhile. Look again.";
            } elseif ($other !== null) {
                $this->returning[$position] = $other->id;
            } else {
                $rows[$position] =
                    ['version' => 0, 'created_at' => now(), 'updated_at' => now()] +
                    StateRows::product(new ProductState($one, Matrix::of([])));
            }
            $there[$code] = true;
        }
        if ($rows !== []) {
            $this->new = array_combine(array_keys($rows), RowInserter::insert('products', array_values($rows)));
        }
    }

    /** @return array<int, int> position => product id */
    public function ids(): array
    {
        return $this->new + $this->returning;
    }

    /** @return array<int, string> position => why it cannot be made */
    public function refused(): array
    {
        return $this->refused;
    }

    public function isNew(int $productId): bool
    {
        return in_array($productId, $this->new, true);
    }

    public function isReturning(int $productId): bool
    {
        return in_array($productId, $this->returning, true);
    }

    /**
     * What making it is, to be undone: it hides the product as it is, so that its rows need no record of their own.
     */
    public static function making(int $productId): RowChange
    {
        return new RowChange(
            'products',
            $productId,
            ['removed_at' => now()->format('Y-m-d H:i:s')],
            ['removed_at' => null],
        );
    }

    /** Takes away again what refused to become what is wanted. */
    public function forget(int $productId): void
    {
        if ($this->isNew($productId)) {
            Product::query()->whereKey($productId)->delete();
        }
    }

    /**
     * @param  array<int, ProductDetails>  $details
     * @return array<string, Product|true> products that have the codes, by code in upper case
     */
    private function there(array $details): array
    {
        /** @var Collection<int, Product> $products */
        $products = Product::query()
            ->whereIn('code', array_values(array_map(fn(ProductDetails $one): string => $one->code, $details)))
            ->lockForUpdate()
            ->get();

        return $products->keyBy(fn(Product $product): string => mb_strtoupper($product->code))->all();
    }
}
