<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\DropTransaction;
use App\Intake\ReadDrop;
use App\Intake\Table\DropTables;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\Product;
use App\Models\User;
use Core\Gallery\View;

/**
 * Says of pictures of a drop which product they are of, or which view they show: the rest is read with that. Links
 * nothing.
 */
final class SayOfFiles
{
    public function __construct(private readonly DropTables $tables, private readonly DropTransaction $keeper) {}

    /**
     * @param  list<int>  $ids
     * @param  ?Product  $product  null for what is read
     */
    public function product(User $user, Drop $drop, array $ids, ?Product $product): void
    {
        $this->say(
            $user,
            $drop,
            $ids,
            ['said_product_id' => $product?->id],
            $product === null ? 'is of the product that is read' : "is of {$product->name}",
        );
    }

    /**
     * @param  list<int>  $ids
     * @param  ?View  $view  null for what is read
     */
    public function view(User $user, Drop $drop, array $ids, ?View $view): void
    {
        $this->say(
            $user,
            $drop,
            $ids,
            ['said_view' => $view?->key],
            $view === null ? 'shows the view that is read' : "shows the view {$view->name}",
        );
    }

    /**
     * @param  list<int>  $ids
     * @param  array<string, int|string|null>  $columns
     */
    private function say(User $user, Drop $drop, array $ids, array $columns, string $what): void
    {
        $this->keeper->keep($user, $drop, function () use ($drop, $ids, $columns, $what): string {
            $files = $this->tables->some($drop, $ids)->openOnes($ids);
            DropFile::query()->whereKey(array_keys($files))->update($columns);

            return 'Said that ' . ReadDrop::named($files) . " {$what}";
        });
    }
}
