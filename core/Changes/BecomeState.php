<?php

declare(strict_types=1);

namespace Core\Changes;

use Core\Changes\Codes\CodePlanner;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\MatrixPlanner;
use Core\Changes\Matrix\PlannedChange;
use Core\Changes\Matrix\PlannedState;
use Core\Codes\CodePattern;
use Core\Codes\SkuCodes;
use Core\Gallery\Placement;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Pricing\Adjustment;
use Core\Product\Description;
use Core\Product\Difference\Difference;
use Core\Product\Difference\DifferenceWording;
use Core\Product\Difference\SkuDifference;
use Core\Product\OwnAxis;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Makes a product what somebody wants it to be, through the same plan as the board. What sleeps stays as it is, and a
 * new picture is named in the description by its place until it is stored.
 */
final readonly class BecomeState implements ProductChange
{
    /**
     * @param  ProductState  $wanted  its axes and values are of the library
     * @param  string  $why  such as the sheet it comes from; what changed is said behind it
     * @param  MatrixChoices  $choices  what its axes do not say by themselves, such as whether stock adds up
     */
    public function __construct(
        private ProductState $wanted,
        private string $why,
        private MatrixChoices $choices = new MatrixChoices(),
    ) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $difference = Difference::between($product->state, $this->wanted);
        if ($this->isAllOf($product)) {
            return $this->changed($this->atOnce($product, $catalog), $difference);
        }
        $planned = $this->plan($product, $catalog, $difference);
        $base = $planned === null ? $product->state : PlannedState::of($product, $planned);
        $this->refuseTakenCode($product, $catalog);
        $pictures =
            $difference->pictures === [] && !$difference->isReordered
                ? $base->pictures
                : $this->pictures($product->state->pictures);
        $state = new ProductState(
            $this->details($base, $pictures),
            $this->matrix($base->matrix),
            $this->skus($base->skus, $difference, $product, $catalog),
            $pictures,
        );

        return $this->changed($state, $difference);
    }

    private function changed(ProductState $state, Difference $difference): Changed
    {
        $words = (new DifferenceWording())->summary($difference);

        return new Changed($state, "{$this->why}: " . ($words === '' ? 'nothing else' : $words));
    }

    /**
     * Whether a product that has nothing yet becomes all that is wanted, and there is nothing to plan: every cell on
     * offer is wanted, under a code of its own.
     */
    private function isAllOf(Product $product): bool
    {
        $own = $product->state;
        $matrix = $this->wanted->matrix;
        if ($own->skus !== [] || $own->pictures !== [] || $own->matrix->axes !== [] || $own->matrix->sleeping !== []) {
            return false;
        }
        $cells = [];
        foreach ($this->wanted->skus as $sku) {
            $cells[$sku->cell->key] = true;
            $isFresh = $sku->isMade() && $sku->id === 0 && $sku->retiredAt === 0;
            $isAtHome = $sku->combination->key === $sku->cell->key && $matrix->isOffered($sku->cell);
            if (!$isFresh || !$isAtHome || preg_match(SkuCodes::PATTERN, $sku->code) !== 1) {
                return false;
            }
        }

        return $cells !== [] &&
            count($cells) === count($this->wanted->skus) &&
            count($cells) === count($matrix->offered());
    }

    private function atOnce(Product $product, Catalog $catalog): ProductState
    {
        $this->refuseTakenCode($product, $catalog);
        $pictures = $this->pictures([]);
        $wanted = array_column(array_map(fn(Sku $sku): array => [$sku->cell->key, $sku], $this->wanted->skus), 1, 0);
        $cells = $this->wanted->matrix->offered();
        $made = $this->madeCodes($product, $cells, (new CodePlanner($catalog))->patternOf($product));
        $skus = array_map(function (Combination $cell) use ($wanted, $made): Sku {
            $sku = $wanted[$cell->key];

            return $sku->isCodeTyped || $made[$cell->key] === $sku->code ? $sku : $sku->coded($sku->code);
        }, $cells);
        $this->refuseTaken([], $skus, $catalog);

        return new ProductState(
            $this->details($product->state, $pictures),
            $this->matrix($this->wanted->matrix),
            $skus,
            $pictures,
        );
    }

    /**
     * @param  list<Combination>  $cells
     * @return array<string, string> key of the cell => the code that its values make
     */
    private function madeCodes(Product $product, array $cells, CodePattern $pattern): array
    {
        $codes = [];
        foreach ($this->wanted->matrix->codeParts($cells) as $parts) {
            $codes[$parts->key] = $pattern->code($product->state->details->code, $parts);
        }

        return $codes;
    }

    /** What its axes and cells become; null where they stay as they are. */
    public function plan(Product $product, Catalog $catalog, ?Difference $difference = null): ?PlannedChange
    {
        $difference ??= Difference::between($product->state, $this->wanted);

        return $difference->changesShape || $this->isUnbuilt($product)
            ? (new MatrixPlanner($catalog))->plan(
                $product,
                $this->change($difference),
                $this->withCodes($product, new CodePlanner($catalog)),
            )
            : null;
    }

    /** Whether SKUs are wanted in cells of the matrix that nobody has built yet. */
    private function isUnbuilt(Product $product): bool
    {
        foreach ($this->wanted->skus as $sku) {
            if ($sku->isMade() && !isset($product->made[$sku->cell->key])) {
                return true;
            }
        }

        return false;
    }

    /**
     * Where SKUs go on axes that come, and which value stays of those that go, is read from where each SKU is wanted.
     */
    private function change(Difference $difference): MatrixChange
    {
        $from = $difference->before->matrix;
        $to = $difference->after->matrix;
        $moved = array_filter(
            $difference->skus,
            fn(SkuDifference $sku): bool => $sku->before !== null && $sku->after !== null && $sku->after->id !== 0,
        );
        $were = array_map(fn(SkuDifference $sku): ?Combination => $sku->before?->cell, $moved);
        $become = array_map(fn(SkuDifference $sku): ?Combination => $sku->after?->cell, $moved);
        $homes = $survivors = [];
        foreach ($to->axes as $axis) {
            if ($from->axis($axis->id) === null && $axis->count() > 0) {
                $homes[$axis->id] = $this->valueOn($axis, $become);
            }
        }
        foreach ($from->axes as $axis) {
            if ($to->axis($axis->id) === null) {
                $survivors[$axis->id] = $this->valueOn($axis, $were);
            }
        }

        return new MatrixChange($from, $to, $homes, $survivors, ownHomes: $this->ownHomes($moved, $homes));
    }

    /**
     * Where each SKU goes on axes that come, if not all go to the same value.
     *
     * @param  array<SkuDifference>  $moved
     * @param  array<int, int>  $homes  added axis id => value id
     * @return array<string, array<int, int>> key of its cell of today => added axis id => value id
     */
    private function ownHomes(array $moved, array $homes): array
    {
        $own = [];
        $isApart = false;
        foreach ($moved as $sku) {
            if ($sku->before?->isMade() === true && $sku->after !== null) {
                $own[$sku->before->cell->key] = array_intersect_key($sku->after->cell->values, $homes);
                $isApart = $isApart || array_diff_assoc($own[$sku->before->cell->key], $homes) !== [];
            }
        }

        return $isApart ? $own : [];
    }

    /**
     * The value of the first cell that has one on the axis; else the axis's first.
     *
     * @param  array<?Combination>  $cells
     */
    private function valueOn(Axis $axis, array $cells): int
    {
        foreach ($cells as $cell) {
            $value = $cell?->value($axis->id);
            if ($value !== null) {
                return $value;
            }
        }

        return $axis->values[0]->id;
    }

    /** New SKUs get the codes that are wanted for them, in the place of those made of their values. */
    private function withCodes(Product $product, CodePlanner $planner): MatrixChoices
    {
        $new = [];
        foreach ($this->wanted->skus as $sku) {
            $isNew = $sku->code !== '' && !isset($product->made[$sku->cell->key]);
            if ($isNew && $this->wanted->matrix->isCell($sku->cell)) {
                $new[$sku->cell->key] = $sku;
            }
        }
        if ($new === []) {
            return $this->choices;
        }
        $cells = array_map(fn(Sku $sku): Combination => $sku->cell, array_values($new));
        $codes = [];
        foreach ($this->madeCodes($product, $cells, $planner->patternOf($product)) as $key => $made) {
            if ($made !== $new[$key]->code) {
                $codes[$made] = $new[$key]->code;
            }
        }

        return $this->choices->withCodes($codes);
    }

    private function refuseTakenCode(Product $product, Catalog $catalog): void
    {
        $code = $this->wanted->details->code;
        $own = $product->state->details->code;
        $taken = $code === $own ? [] : $catalog->codes([$code], $own, []);
        if ($taken !== []) {
            throw new Refusal(
                "{$code} is the code of " . array_values($taken)[0] . '. Choose another.',
                RefusalKind::Taken,
                'code',
            );
        }
    }

    /** Called and shown as wanted; what sleeps, and what is left out, as the plan made it. */
    private function matrix(Matrix $planned): Matrix
    {
        $axes = array_map(
            fn(Axis $axis): Axis => new Axis(
                $axis->id,
                $axis->name,
                $axis->kind,
                $axis->values,
                $axis->changesPicture,
                $axis->display,
                $planned->axis($axis->id)->sleeping ?? [],
            ),
            $this->wanted->matrix->axes,
        );

        return Matrix::of($axes, $planned->leftOut, array_values($planned->sleeping));
    }

    /** @param  list<Placement>  $pictures */
    private function details(ProductState $base, array $pictures): ProductDetails
    {
        $wanted = $this->wanted->details;
        $axes = array_fill_keys($this->wanted->matrix->axisIds(), true);
        $values = $labels = [];
        foreach ($this->wanted->matrix->axes as $axis) {
            $values += array_fill_keys($axis->valueIds(), true);
            $labels += array_column($axis->values, 'label', 'id');
        }
        $id = fn(int $place): ?int => ($pictures[$place - 1]->id ?? 0) > 0 ? $pictures[$place - 1]->id : null;

        return $wanted->with([
            'description' => Description::fromElsewhere($wanted->description, $id),
            'openings' => self::merged($axes, $wanted->openings, $base->details->openings),
            'ownAxes' => array_filter(
                self::merged($axes, $wanted->ownAxes, $base->details->ownAxes),
                fn(OwnAxis $axis): bool => !$axis->isNone(),
            ),
            'ownSwatches' => self::merged($values, $wanted->ownSwatches, $base->details->ownSwatches),
            'adjustments' => array_filter(
                self::merged($values, $wanted->adjustments, $base->details->adjustments),
                fn(Adjustment $adjustment): bool => !$adjustment->isNone(),
            ),
            'sleepingLabels' => array_diff_key($base->details->sleepingLabels, $labels),
        ]);
    }

    /**
     * What is wanted of what the product has then, and what it has of the rest.
     *
     * @template T
     *
     * @param  array<int, true>  $awake  ids of axes or values that the product has then
     * @param  array<int, T>  $wanted  by these ids
     * @param  array<int, T>  $own  by these ids
     * @return array<int, T>
     */
    private static function merged(array $awake, array $wanted, array $own): array
    {
        return array_intersect_key($wanted, $awake) + array_diff_key($own, $awake);
    }

    /**
     * @param  list<Sku>  $skus  as the plan made them
     * @return list<Sku>
     */
    private function skus(array $skus, Difference $difference, Product $product, Catalog $catalog): array
    {
        $pattern = (new CodePlanner($catalog))->patternOf($product);
        $byId = $byCell = [];
        foreach ($skus as $at => $sku) {
            $byId[$sku->id] = $at;
            if ($sku->isMade() || !isset($byCell[$sku->combination->key])) {
                $byCell[$sku->combination->key] = $at;
            }
        }
        $changed = [];
        foreach ($difference->skus as $pair) {
            $wanted = $pair->after;
            $at = match (true) {
                $wanted === null => null,
                $wanted->id > 0 => $byId[$wanted->id] ?? null,
                default => $byCell[$wanted->cell->key] ?? null,
            };
            if ($wanted === null || $at === null) {
                continue;
            }
            $changed[$at] = $skus[$at]->asNumbered($wanted);
            if ($wanted->code !== '' && $wanted->code !== $pair->before?->code) {
                $changed[$at] = $changed[$at]->coded($wanted->code, $this->isTyped($wanted, $pattern));
            }
        }
        $this->refuseTaken(array_intersect_key($skus, $changed), $changed, $catalog);

        return array_values(array_replace($skus, $changed));
    }

    /** Whether a code stays where codes are made anew: somebody typed it, or the pattern would make another. */
    private function isTyped(Sku $wanted, CodePattern $pattern): bool
    {
        if ($wanted->isCodeTyped || !$this->wanted->matrix->isCell($wanted->cell)) {
            return true;
        }
        $parts = $this->wanted->matrix->codeParts([$wanted->cell]);

        return $pattern->code($this->wanted->details->code, $parts[0]) !== $wanted->code;
    }

    /**
     * @param  array<int, Sku>  $before
     * @param  array<int, Sku>  $after  by the same keys
     */
    private function refuseTaken(array $before, array $after, Catalog $catalog): void
    {
        $ids = array_values(array_map(fn(Sku $sku): int => $sku->id, $before));
        $codes = array_values(array_diff(array_column($after, 'code'), array_column($before, 'code')));
        $sharing = $this->wanted->matrix->axes === [] ? $this->wanted->details->code : null;
        foreach ($codes === [] ? [] : $catalog->codes($codes, $sharing, $ids) as $code => $owner) {
            throw new Refusal("{$code} is the code of {$owner}. Choose another.", RefusalKind::Taken, 'sku');
        }
        $gtins = array_values(
            array_diff(array_filter(array_column($after, 'gtin')), array_filter(array_column($before, 'gtin'))),
        );
        foreach ($gtins === [] ? [] : $catalog->gtins($gtins, $ids) as $gtin => $owner) {
            throw new Refusal(
                "{$gtin} is the GTIN of {$owner}. Two SKUs cannot have the same.",
                RefusalKind::Taken,
                'sku',
            );
        }
    }

    /**
     * A picture that is there already, under whatever id, is the same one changed.
     *
     * @param  list<Placement>  $own
     * @return list<Placement>
     */
    private function pictures(array $own): array
    {
        $ids = array_column($own, 'id', 'id');
        $byPhoto = array_column($own, 'id', 'photoId');

        return array_map(
            fn(Placement $picture, int $at): Placement => $picture->withId(
                $ids[$picture->id] ?? ($byPhoto[$picture->photoId] ?? -1 - $at),
            ),
            $this->wanted->pictures,
            array_keys($this->wanted->pictures),
        );
    }
}
