<?php

declare(strict_types=1);

namespace App\Actions\Matrix;

use App\Models\User;
use App\Store\Products\BoardArrangement;
use App\Store\Products\LoadedProduct;

/**
 * Remembers for a person how the board is laid out for products with the same axes. It changes no product,
 * so it is in no History.
 */
final class ArrangeBoard
{
    public function __construct(private readonly BoardArrangement $arrangement) {}

    public function run(User $user, LoadedProduct $loaded, int $axisId, string $place): void
    {
        $matrix = $loaded->core->matrix;
        $layout = $this->arrangement->layout($user, $matrix)->moved($matrix, $loaded->core->axis($axisId), $place);
        $this->arrangement->keep($user, $matrix, $layout);
    }

    /** Whether the axes are folded to one line, on every board of this person. */
    public function fold(User $user, bool $folded): void
    {
        $user->update(['axes_folded' => $folded]);
    }
}
