<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Store\PlacementRow;
use App\Store\Products\LoadedProduct;
use Core\Gallery\Coverage\CoverageCell;
use Core\Gallery\Coverage\Shot;
use Core\Gallery\View;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Product\SelectedPart;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Wording;

/** One place of the coverage map: a part of the product and a view. */
final readonly class HoleScreen
{
    /** Pictures that are offered for it. */
    private const MOST = 48;

    private function __construct(
        public LoadedProduct $loaded,
        public SelectedPart $part,
        public string $selected,
        public View $view,
        public ?CoverageCell $cell,
        private PictureLinks $pictures,
    ) {}

    public static function of(LoadedProduct $loaded, Selection $where, View $view): self
    {
        $axisIds = array_map(fn(Axis $axis): int => $axis->id, $loaded->core->matrix->pictureAxes());
        $part = Combination::fromKey(
            in_array($where->key(), ['*', ''], true) ? '' : explode(';', $where->key())[0],
        )->on($axisIds);

        return new self(
            $loaded,
            $loaded->core->selected($where),
            $where->key(),
            $view,
            $loaded->core->coverage()->rows[$part->key]->cells[$view->key] ?? null,
            new PictureLinks($loaded),
        );
    }

    public function place(): string
    {
        return $this->part->isNothing()
            ? 'gone'
            : (new Wording())->say($this->part->reach, $this->loaded->core->matrix);
    }

    /** What is said of the view here alone; null where the product goes by its list. */
    public function own(): ?Shot
    {
        foreach ($this->loaded->core->state->details->shots as $shot) {
            if ($shot->view->is($this->view)) {
                return $shot;
            }
        }

        return null;
    }

    /**
     * @return list<HoleOffer> pictures that could be it, with thumb and where they are:
     *   those not linked first, then those that reach the part without this view, then those of the view elsewhere
     */
    public function offered(): array
    {
        $ranked = [];
        foreach ($this->loaded->placements as $row) {
            $rank = $this->rank($row);
            if ($rank !== null) {
                $ranked[$rank][] = new HoleOffer(
                    $row,
                    $this->pictures->thumb($row->placement),
                    $rank === 0
                        ? __('coverage.not_linked')
                        : (new Wording())->say($row->reach(), $this->loaded->core->matrix),
                );
            }
        }
        ksort($ranked);

        return array_slice(array_merge(...array_values($ranked)), 0, self::MOST);
    }

    private function rank(PlacementRow $row): ?int
    {
        $reach = $row->reach()->activeIn($this->loaded->core->matrix);
        $isHere = !$reach->cut($this->part->reach)->isNothing();

        return match (true) {
            $reach->isNothing() => 0,
            $isHere && $row->placement->view === null => 1,
            $row->placement->view?->is($this->view) === true && !$this->isAll($reach) => 2,
            default => null,
        };
    }

    private function isAll(Reach $reach): bool
    {
        return $this->part->reach->subtract($reach, $this->loaded->core->matrix)->isNothing();
    }
}
