<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\UnitOfWork;
use App\Models\Product;
use App\Models\User;
use App\Store\Library\ViewShelf;
use App\Store\Products\CatalogLookup;
use App\Store\Products\ProductLoader;
use Core\Changes\SetUpLike;
use Core\Pricing\Currency;
use Core\Product\ProductDetails;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Database\UniqueConstraintViolationException;

/**
 * Makes a product by name and code. It has no SKU until its matrix is built, unless it is set up like another:
 * with the same axes, values, labels, left-out rules, opening values and shot list, and SKUs of its own.
 */
final class CreateProduct
{
    private const USUAL_CURRENCY = 'EUR';

    public function __construct(
        private readonly UnitOfWork $work,
        private readonly ProductLoader $loader,
        private readonly CatalogLookup $catalog,
        private readonly ViewShelf $shelf,
    ) {}

    /** @throws Refusal */
    public function run(User $user, string $name, string $code, ?int $shotListId = null, ?Product $like = null): Product
    {
        $this->refuseTakenCode($code);
        $pattern = $like === null ? null : $this->loader->again($like)->core->state;
        $details = new ProductDetails(
            $name,
            $code,
            $pattern->details->currency ?? Currency::of(self::USUAL_CURRENCY),
            shotList: $shotListId === null ? $pattern?->details->shotList : $this->shelf->shotListRef($shotListId),
            codePattern: $pattern?->details->codePattern,
        );
        try {
            return $this->work->create(
                $user,
                self::class,
                $details,
                $pattern === null ? null : new SetUpLike($pattern),
            );
        } catch (UniqueConstraintViolationException) {
            throw new Refusal(
                "Somebody has just given the code {$code} to another product. Choose another.",
                RefusalKind::Taken,
                'code',
            );
        }
    }

    private function refuseTakenCode(string $code): void
    {
        $undone = Product::query()->where('code', $code)->whereNotNull('removed_at')->first();
        if ($undone !== null) {
            throw new Refusal(
                "{$undone->name}, which was undone, has the code {$undone->code}. Redo it, or choose another.",
                RefusalKind::Taken,
                'code',
            );
        }
        foreach ($this->catalog->codes([$code], null, []) as $owner) {
            throw new Refusal("{$code} is the code of {$owner}. Choose another.", RefusalKind::Taken, 'code');
        }
    }
}
