<?php

declare(strict_types=1);

namespace App\Actions;

use App\History\RowChange;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Makes a product by name and code. It has no SKU until its matrix is built. */
final class CreateProduct
{
    public const CODE_PATTERN = '/^[A-Za-z0-9][A-Za-z0-9._-]{0,39}$/';

    public function run(User $user, string $name, string $code, ?int $shotListId = null): Product
    {
        Gate::forUser($user)->authorize('edit');

        try {
            return $this->create($user, $name, $code, $shotListId);
        } catch (UniqueConstraintViolationException) {
            throw new Refused("Somebody has just given the code {$code} to another product. Choose another.");
        }
    }

    private function create(User $user, string $name, string $code, ?int $shotListId): Product
    {
        return DB::transaction(function () use ($user, $name, $code, $shotListId): Product {
            $this->refuseTakenCode($code);
            $product = Product::create([
                'name' => $name,
                'code' => $code,
                'description' => '',
                'brand' => '',
                'category' => '',
                'currency' => 'EUR',
                'shot_list_id' => $shotListId,
                'left_out' => [],
                'version' => 1,
            ]);
            HistoryEntry::create([
                'product_id' => $product->id,
                'user_id' => $user->id,
                'action' => class_basename(self::class),
                'words' => "Made the product {$name}",
                'version' => 1,
                'packed' => HistoryEntry::pack([
                    new RowChange('products', $product->id, ['removed_at' => now()->format('Y-m-d H:i:s')], ['removed_at' => null]),
                ]),
                'created_at' => now(),
            ]);

            return $product->refresh();
        });
    }

    private function refuseTakenCode(string $code): void
    {
        $owner = Product::query()->where('code', $code)->first();
        if ($owner !== null) {
            throw new Refused($owner->removed_at === null
                ? "{$owner->name} has the code {$owner->code}. Choose another."
                : "{$owner->name}, which was undone, has the code {$owner->code}. Redo it, or choose another.");
        }
        $sku = DB::table('skus')->join('products', 'products.id', '=', 'skus.product_id')->where('skus.code', $code)->first(['products.name', 'skus.code']);
        if ($sku !== null) {
            throw new Refused("A SKU of {$sku->name} has the code {$sku->code}. Choose another.");
        }
    }
}
