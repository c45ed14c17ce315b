<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ProductLoader;
use App\Catalog\StateStore;
use App\Catalog\TakenCodes;
use App\History\ProductsChanged;
use App\Ledger\ChangeLog;
use App\Ledger\KeptChanges;
use App\Ledger\Ledger;
use App\Ledger\RowChange;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Models\User;
use Core\Codes\CodeNotFree;
use Core\Pricing\Currency;
use Core\Product\LibraryRef;
use Core\Product\ProductDetails;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * Makes a product by name and code. It has no SKU until its matrix is built, unless it is set up like another:
 * with the same axes, values, labels, left-out rules, opening values and shot list, and SKUs of its own.
 */
final class CreateProduct
{
    public const CODE_PATTERN = '/^[A-Za-z0-9][A-Za-z0-9._-]{0,39}$/';

    public function __construct(
        private readonly ProductLoader $loader,
        private readonly StateStore $store,
        private readonly TakenCodes $taken,
    ) {
    }

    public function run(User $user, string $name, string $code, ?int $shotListId = null, ?Product $like = null): Product
    {
        Gate::forUser($user)->authorize('edit');

        try {
            return $this->create($user, $name, $code, $shotListId, $like);
        } catch (UniqueConstraintViolationException) {
            throw new Refusal(
                "Somebody has just given the code {$code} to another product. Choose another.",
                RefusalKind::Taken,
                'code',
            );
        }
    }

    private function create(User $user, string $name, string $code, ?int $shotListId, ?Product $like): Product
    {
        return DB::transaction(function () use ($user, $name, $code, $shotListId, $like): Product {
            $this->refuseTakenCode($code);
            $product = Product::create([
                'name' => $name,
                'code' => $code,
                'description' => '',
                'brand' => '',
                'category' => '',
                'currency' => $like->currency ?? 'EUR',
                'shot_list_id' => $shotListId ?? $like?->shot_list_id,
                'code_pattern_id' => $like?->code_pattern_id,
                'left_out' => [],
                'version' => 1,
            ])->refresh();
            $words = "Made the product {$name}".($like === null ? '' : ", set up like {$like->name}: {$this->build($product, $like)}");
            $entry = HistoryEntry::create([
                'product_id' => $product->id,
                'user_id' => $user->id,
                'action' => class_basename(self::class),
                'words' => mb_strimwidth($words, 0, 400, '…'),
                'version' => 1,
                'created_at' => now(),
            ]);
            KeptChanges::keep($entry->id, ChangeLog::of([new RowChange('products', $product->id, ['removed_at' => now()->format('Y-m-d H:i:s')], ['removed_at' => null])]));
            event(new ProductsChanged($product->id));

            return $product->refresh();
        });
    }

    /** Undoing it hides the product as it is, so its rows need no record of their own. */
    private function build(Product $product, Product $like): string
    {
        $pattern = $this->loader->load($like)->state();
        $loaded = $this->loader->load($product);
        $own = $loaded->state()->details;
        $details = new ProductDetails(
            $product->name,
            $product->code,
            Currency::of($product->currency),
            shotList: $own->shotList,
            openings: $pattern->details->openings,
            shots: LibraryRef::same($own->shotList, $pattern->details->shotList) ? $pattern->details->shots : [],
            ownAxes: $pattern->details->ownAxes,
            codePattern: $own->codePattern,
        );
        try {
            return $this->store->store(new Ledger(), $loaded, $pattern->asSetupOf($details))->planned?->inWords() ?? 'nothing to make yet';
        } catch (CodeNotFree $clash) {
            throw new Refusal(
                "{$clash->clash->inWords()} Choose another code for the product.",
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
        $owner = $this->taken->owner($code);
        if ($owner !== null) {
            throw new Refusal("{$code} is the code of {$owner}. Choose another.", RefusalKind::Taken, 'code');
        }
    }
}
