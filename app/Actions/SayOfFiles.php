<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\DropReading;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\Product;
use App\Models\User;
use Core\Gallery\View;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Says of pictures of a drop which product they are of, or which view they show: the rest is read with that. Links nothing. */
final class SayOfFiles
{
    public function __construct(private readonly DropReading $reading)
    {
    }

    /**
     * @param  list<int>  $ids
     * @param  ?Product  $product  null for what is read
     */
    public function product(User $user, Drop $drop, array $ids, ?Product $product): void
    {
        $this->say($user, $drop, $ids, ['said_product_id' => $product?->id]);
    }

    /**
     * @param  list<int>  $ids
     * @param  ?View  $view  null for what is read
     */
    public function view(User $user, Drop $drop, array $ids, ?View $view): void
    {
        $this->say($user, $drop, $ids, ['said_view' => $view?->value]);
    }

    /**
     * @param  list<int>  $ids
     * @param  array<string, int|string|null>  $columns
     */
    private function say(User $user, Drop $drop, array $ids, array $columns): void
    {
        Gate::forUser($user)->authorize('edit');
        DB::transaction(function () use ($drop, $ids, $columns): void {
            Drop::query()->whereKey($drop->id)->lockForUpdate()->firstOrFail();
            DropFile::query()->whereKey(array_keys($this->reading->of($drop)->openOnes($ids)))->update($columns);
        });
    }
}
