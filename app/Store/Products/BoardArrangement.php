<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Models\User;
use Core\Matrix\BoardLayout;
use Core\Matrix\Matrix;
use Illuminate\Support\Facades\DB;

/** How a person has laid out the board of products with the same axes. */
final class BoardArrangement
{
    /** So many axes are shown in full unless somebody folds them. */
    private const UNFOLDED = 3;

    /** As the person left it; else many axes are folded, so that the matrix has room. */
    public function isFolded(User $user, Matrix $matrix): bool
    {
        return $user->axes_folded ?? count($matrix->axes) > self::UNFOLDED;
    }

    /** The layout a person left products with these axes in, else the usual one. */
    public function layout(User $user, Matrix $matrix): BoardLayout
    {
        $stored = DB::table('board_layouts')->where('user_id', $user->id)->where('axes', $this->key($matrix))->first();

        return $stored === null
            ? BoardLayout::usual($matrix)
            : BoardLayout::remembered($matrix, $stored->down, $stored->across);
    }

    public function keep(User $user, Matrix $matrix, BoardLayout $layout): void
    {
        $row = ['user_id' => $user->id, 'axes' => $this->key($matrix)];
        $places = ['down' => $layout->down?->id, 'across' => $layout->across?->id];
        DB::table('board_layouts')->upsert([$row + $places], array_keys($row), array_keys($places));
    }

    /** What products with the same axes have in common. */
    private function key(Matrix $matrix): string
    {
        $ids = $matrix->axisIds();
        sort($ids);

        return implode(',', $ids);
    }
}
