<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\Combining;
use App\Models\Product;
use App\Models\User;
use App\Store\Products\ProductLoader;
use Core\Combining\Combined;
use Core\Combining\CombinedPart;
use Core\Combining\CombineWish;
use Core\CoreException;
use Core\Refusal;
use Core\RefusalKind;

/** Puts products together into one, which is made of them. */
final readonly class CombineProducts
{
    public function __construct(private Combining $work, private ProductLoader $loader) {}

    /** @throws CoreException */
    public function run(User $user, CombineWish $wish): Product
    {
        return $this->work->run($user, self::class, $wish);
    }

    /**
     * What would become of them; nothing is stored.
     *
     * @throws CoreException
     */
    public function plan(CombineWish $wish): Combined
    {
        $records = Product::query()->standing()->whereKey($wish->productIds)->get();
        $loaded = $this->loader->loadMany(array_values($records->all()));
        $parts = [];
        foreach ($wish->productIds as $id) {
            $parts[$id] = new CombinedPart(
                $id,
                $loaded[$id]->core ??
                    throw new Refusal('One of the products is not there any more. Look again.', RefusalKind::Gone),
                [],
            );
        }

        return $wish->combined($parts);
    }
}
