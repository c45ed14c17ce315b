<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Store\PlacementRow;
use Core\Gallery\Galleries;
use Core\Matrix\MatrixChange;
use Core\Matrix\Plan;
use Core\Matrix\SkuState;

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
    public function __construct(LoadedProduct $loaded, MatrixChange $change, Plan $plan, Galleries $after)
    {
        $files = array_map(fn (PlacementRow $row): string => $row->file(), $loaded->placements);
        $before = $loaded->galleries()->reaching();
        $later = $after->reaching();
        $this->toTray = array_values(array_intersect_key($files, array_diff_key($before, $later)));
        $this->fromTray = array_values(array_intersect_key($files, array_diff_key($later, $before)));
        [$shown, $vanished] = $change->keepsCells() ? [[], []] : self::differences($loaded, $change, $plan, $after);
        $this->shown = array_values(array_intersect_key($files, $shown));
        $this->vanished = array_values(array_diff_key(array_intersect_key($files, $vanished), array_diff_key($before, $later)));
    }

    /** @return array{array<int, true>, array<int, true>} placement ids: those that a standing SKU shows more, and those it shows no more */
    private static function differences(LoadedProduct $loaded, MatrixChange $change, Plan $plan, Galleries $after): array
    {
        $landings = [];
        foreach ($plan->move as $move) {
            $landings[$move->skuId] = $move->to;
        }
        $live = array_fill_keys([...$plan->keep, ...array_keys($landings)], true);
        $pairs = [];
        foreach ($loaded->skus as $sku) {
            $cell = $sku->state === SkuState::Made && isset($live[$sku->id]) ? $change->to->place($landings[$sku->id] ?? $sku->combination) : null;
            if ($cell !== null) {
                [$was, $is] = [$loaded->galleries()->of($sku->cell), $after->of($cell)];
                $pairs[spl_object_id($was).' '.spl_object_id($is)] ??= [array_fill_keys($was->placementIds(), true), array_fill_keys($is->placementIds(), true)];
            }
        }
        $shown = [];
        $vanished = [];
        foreach ($pairs as [$was, $is]) {
            $shown += array_diff_key($is, $was);
            $vanished += array_diff_key($was, $is);
        }

        return [$shown, $vanished];
    }
}
