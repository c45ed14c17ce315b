<?php

declare(strict_types=1);

namespace App\Changing;

use App\Models\Product;
use App\Store\Products\ProductLoader;
use App\Store\StateRows;
use Core\Changes\Codes\ProductCode;
use Core\Matrix\Matrix;
use Core\Pricing\Currency;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;

/** A product with nothing in it yet, which takes in what others had. */
final readonly class PlainProduct
{
    public function __construct(private ProductLoader $loader) {}

    /**
     * One whose making was undone has its code still, and comes back.
     *
     * @return array{Product, ProductState} with what it is so far
     *
     * @throws Refusal where its code is taken
     */
    public function made(ProductDetails $details): array
    {
        $code = ProductCode::read($details->code);
        $known = Product::query()->where('code', $code)->lockForUpdate()->first();
        if ($known === null) {
            $plain = new ProductState(
                new ProductDetails($details->name, $code, Currency::of($details->currency->code)),
                Matrix::of([]),
            );
            $id = Product::query()->insertGetId(
                ['version' => 0, 'created_at' => now(), 'updated_at' => now()] + StateRows::product($plain),
            );

            return [Product::query()->findOrFail($id), $plain];
        }
        $isFree = $known->removed_at !== null && $known->part_of_id === null;
        if (!$isFree || DB::table('skus')->where('product_id', $known->id)->exists()) {
            throw new Refusal("{$code} is the code of {$known->name}. Choose another.", RefusalKind::Taken, 'code');
        }
        Product::query()
            ->whereKey($known->id)
            ->update(['removed_at' => null]);

        return [$known->refresh(), $this->loader->load($known)->core->state];
    }
}
