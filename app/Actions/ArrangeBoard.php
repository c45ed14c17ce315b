<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\ProductAxis;
use App\Models\User;
use Core\Matrix\BoardLayout;
use Core\Matrix\Matrix;
use Illuminate\Support\Facades\DB;

/**
 * Remembers for a person how the board is laid out for products with the same axes. It changes no product,
 * so it is in no History.
 */
final class ArrangeBoard
{
    /** So many axes are shown in full unless somebody folds them. */
    private const UNFOLDED = 3;

    public function run(User $user, LoadedProduct $loaded, int $axisId, string $place): void
    {
        $matrix = $loaded->matrix;
        $layout = $this->layout($user, $matrix)->moved($matrix, ProductAxis::of($loaded, $axisId), $place);
        DB::table('board_layouts')->upsert(
            [['user_id' => $user->id, 'axes' => $this->key($matrix), 'down' => $layout->down?->id, 'across' => $layout->across?->id]],
            ['user_id', 'axes'],
            ['down', 'across'],
        );
    }

    /** Whether the axes are folded to one line, on every board of this person. */
    public function fold(User $user, bool $folded): void
    {
        $user->update(['axes_folded' => $folded]);
    }

    /** As the person left it; else many axes are folded, so that the matrix has room. */
    public function isFolded(User $user, Matrix $matrix): bool
    {
        return $user->axes_folded ?? count($matrix->axes) > self::UNFOLDED;
    }

    /** The layout a person left products with these axes in, else the usual one. */
    public function layout(User $user, Matrix $matrix): BoardLayout
    {
        $stored = DB::table('board_layouts')->where('user_id', $user->id)->where('axes', $this->key($matrix))->first();

        return $stored === null ? BoardLayout::usual($matrix) : BoardLayout::remembered($matrix, $stored->down, $stored->across);
    }

    /** What products with the same axes have in common. */
    private function key(Matrix $matrix): string
    {
        $ids = $matrix->axisIds();
        sort($ids);

        return implode(',', $ids);
    }
}
