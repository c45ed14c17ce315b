<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Gallery\Galleries;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Plan;
use Core\Product\Product;

/** What a change of the matrix does to the pictures that shoppers see. */
final readonly class PictureChanges
{
    /** @var list<string> file names of pictures that reach no SKU on offer any more */
    public array $toTray;

    /** @var list<string> file names of pictures that reach one again */
    public array $fromTray;

    /** @var list<string> file names of pictures that SKUs show which are on offer now and did not show them */
    public array $shown;

    /** @var list<string> file names of pictures that SKUs no longer show which stay on offer */
    public array $vanished;

    /** @param  Galleries  $after  as the change leaves them */
    public function __construct(Product $product, MatrixChange $change, Plan $plan, Galleries $after)
    {
        $files = array_column($product->state->pictures, 'file', 'id');
        $before = $product->galleries()->reaching();
        $later = $after->reaching();
        $gone = array_diff_key($before, $later);
        $this->toTray = array_values(array_intersect_key($files, $gone));
        $this->fromTray = array_values(array_intersect_key($files, array_diff_key($later, $before)));
        [$shown, $vanished] = $change->keepsCells() ? [[], []] : self::differences($product, $change, $plan, $after);
        $this->shown = array_values(array_intersect_key($files, $shown));
        $this->vanished = array_values(array_diff_key(array_intersect_key($files, $vanished), $gone));
    }

    /**
     * @return array{array<int, int>, array<int, int>} with placement ids as keys: those that a standing SKU shows
     * more, and those it shows no more
     */
    private static function differences(Product $product, MatrixChange $change, Plan $plan, Galleries $after): array
    {
        $landings = array_column($plan->move, 'to', 'skuId');
        $live = array_fill_keys([...$plan->keep, ...array_keys($landings)], true);
        $shown = $vanished = $seen = [];
        foreach ($product->state->skus as $sku) {
            $cell =
                $sku->isMade() && isset($live[$sku->id])
                    ? $change->to->place($landings[$sku->id] ?? $sku->combination)
                    : null;
            if ($cell === null) {
                continue;
            }
            [$was, $is] = [$product->galleries()->of($sku->cell), $after->of($cell)];
            $pair = spl_object_id($was) . ' ' . spl_object_id($is);
            if (!isset($seen[$pair])) {
                $seen[$pair] = true;
                [$old, $new] = [array_flip($was->placementIds()), array_flip($is->placementIds())];
                $shown += array_diff_key($new, $old);
                $vanished += array_diff_key($old, $new);
            }
        }

        return [$shown, $vanished];
    }
}
