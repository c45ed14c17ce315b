<?php

declare(strict_types=1);

namespace Tests\Core\Color;

use Core\Details\Fact;
use Core\Gallery\Coverage\ShotList;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Plan;
use Core\Matrix\Planning\Planner;
use Core\Matrix\Planning\StandingSku;
use Core\Matrix\SkuState;
use Core\Matrix\Value;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\LibraryPart;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Product\UsualAxis;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Matrices, SKUs and reaches for the tests: a fixed smock, and random ones from a seed. */
final class Samples
{
    public const COLOR = 1;

    public const SIZE = 2;

    public const STYLE = 3;

    /**
     * Colors Moss 11, Clay 12, Slate 13 …; sizes S 21, M 22, L 23, XL 24; styles Buttoned 31, Pullover 32.
     *
     * @param  list<string>  $colors
     * @param  list<string>  $sizes
     * @param  list<string>  $styles
     */
    public static function smock(
        array $colors = ['Moss', 'Clay', 'Slate'],
        array $sizes = ['S', 'M', 'L', 'XL'],
        array $styles = [],
        ?Reach $leftOut = null,
    ): Matrix {
        $axes = [];
        foreach (
            [
                [self::COLOR, 'Color', AxisKind::Color, $colors],
                [self::SIZE, 'Size', AxisKind::Size, $sizes],
                [self::STYLE, 'Style', AxisKind::Other, $styles],
            ]
            as [$id, $name, $kind, $labels]
        ) {
            if ($labels !== []) {
                $values = array_map(
                    fn(int $at, string $label): Value => new Value($id * 10 + $at + 1, $label, strtoupper($label)),
                    array_keys($labels),
                    $labels,
                );
                $axes[] = new Axis($id, $name, $kind, $values, $kind !== AxisKind::Size);
            }
        }

        return Matrix::of($axes, $leftOut);
    }

    /**
     * A smock: Moss 11, Clay 12 × S 21, M 22, all on offer at a base price of 49.00 and 10 in stock each; a front of
     * Moss, one of Clay, a size guide for all, and a film in the tray.
     *
     * @param  ?callable(ProductState): ProductState  $else  what is otherwise
     */
    public static function product(?callable $else = null): Product
    {
        $matrix = self::smock(['Moss', 'Clay'], ['S', 'M']);
        $eur = Currency::of('EUR');
        $skus = array_map(
            fn(Combination $cell, int $at): Sku => new Sku(
                $at + 1,
                $cell,
                SkuState::Made,
                'SMOCK-' . ($at + 1),
                stock: 10,
            ),
            $matrix->combinations(),
            array_keys($matrix->combinations()),
        );
        $pictures = [
            new Placement(
                1,
                'moss.jpg',
                Reach::fromArrays([[1 => [11]]]),
                Reach::nothing(),
                View::usual('front'),
                [Role::Lead],
                photoId: 101,
            ),
            new Placement(
                2,
                'clay.jpg',
                Reach::fromArrays([[1 => [12]]]),
                Reach::nothing(),
                View::usual('front'),
                photoId: 102,
            ),
            new Placement(
                3,
                'guide.jpg',
                Reach::everything(),
                Reach::nothing(),
                View::usual('size guide'),
                photoId: 103,
            ),
            new Placement(4, 'tray.mp4', Reach::nothing(), Reach::nothing(), isStill: false, photoId: 104),
        ];
        $details = new ProductDetails(
            'Smock',
            'SMOCK',
            $eur,
            basePrice: Money::of('49', $eur),
            facts: [new Fact(1, 'Lining', 'cotton')],
        );
        $state = new ProductState($details, $matrix, $skus, $pictures);
        $usual = array_map(
            fn(Axis $axis): UsualAxis => new UsualAxis($axis->changesPicture, $axis->display),
            array_column($matrix->axes, null, 'id'),
        );

        return new Product(
            $else === null ? $state : $else($state),
            new LibraryPart(
                ShotList::of([View::usual('front'), View::usual('back')], [View::usual('front')]),
                usual: $usual,
            ),
        );
    }

    /** @param  array<int, int>  $values  axis id => value id */
    public static function at(array $values): Selection
    {
        return Selection::fromKey(Combination::of($values)->key);
    }

    public static function random(int $seed): Randomizer
    {
        return new Randomizer(new Mt19937($seed));
    }

    public static function matrix(Randomizer $random, int $mostAxes = 4, int $mostValues = 5): Matrix
    {
        $axes = [];
        for ($id = 1; $id <= $random->getInt(0, $mostAxes); $id++) {
            $axes[] = self::axis($random, $id, $random->getInt(1, $mostValues));
        }
        $matrix = Matrix::of($random->shuffleArray($axes));

        return Matrix::of($matrix->axes, $random->getInt(0, 1) === 1 ? self::reach($random, $matrix, 2) : null);
    }

    public static function axis(Randomizer $random, int $id, int $values): Axis
    {
        $list = array_map(fn(int $at): Value => new Value($id * 10 + $at, "V{$id}{$at}", "C{$at}"), range(1, $values));

        return new Axis($id, "Axis {$id}", AxisKind::Other, $random->shuffleArray($list), $id % 2 === 1);
    }

    public static function reach(Randomizer $random, Matrix $matrix, int $mostClauses = 4): Reach
    {
        $clauses = [];
        for ($at = 0; $at < $random->getInt(0, $mostClauses); $at++) {
            $values = [];
            foreach ($matrix->axes as $axis) {
                if ($random->getInt(0, 1) === 1) {
                    $values[$axis->id] = array_values(
                        array_filter($axis->valueIds(), fn(): bool => $random->getInt(0, 2) > 0),
                    );
                }
            }
            $clauses[] = Clause::of($values);
        }

        return Reach::of(...$clauses);
    }

    /** @return list<StandingSku> one made SKU for every offered cell */
    public static function built(Matrix $matrix, int $firstId = 1, int $stock = 10): array
    {
        return array_map(
            fn(int $at, Combination $cell): StandingSku => new StandingSku(
                $firstId + $at,
                $cell,
                SkuState::Made,
                $stock,
            ),
            array_keys($matrix->offered()),
            $matrix->offered(),
        );
    }

    /**
     * What the store does with a plan: the SKUs as they stand afterwards.
     *
     * @param  list<StandingSku>  $skus
     * @return list<StandingSku>
     */
    public static function applied(Plan $plan, array $skus): array
    {
        $next = max([0, ...array_map(fn(StandingSku $sku): int => $sku->id, $skus)]) + 1;
        $now = max([0, ...array_map(fn(StandingSku $sku): int => $sku->retiredAt, $skus)]) + 1;
        $cells = [];
        $states = [];
        $stock = [];
        $retiredAt = [];
        foreach ($skus as $sku) {
            [$cells[$sku->id], $states[$sku->id], $stock[$sku->id], $retiredAt[$sku->id]] = [
                $sku->cell,
                $sku->state,
                $sku->stock,
                $sku->retiredAt,
            ];
        }
        foreach ($plan->move as $move) {
            $cells[$move->skuId] = $move->to;
        }
        foreach ($plan->revive as $id) {
            $states[$id] = SkuState::Made;
            $retiredAt[$id] = 0;
        }
        foreach ($plan->retire as $sku) {
            $states[$sku->id] = SkuState::Retired;
            $retiredAt[$sku->id] = $now;
        }
        foreach ($plan->firstToReturn as $id) {
            $retiredAt[$id] = $now;
        }
        foreach ($plan->stockMoves as $move) {
            $stock[$move->fromSkuId] -= $move->units;
            $stock[$move->toSkuId] = ($stock[$move->toSkuId] ?? 0) + $move->units;
        }
        $after = array_map(
            fn(int $id): StandingSku => new StandingSku($id, $cells[$id], $states[$id], $stock[$id], $retiredAt[$id]),
            array_keys($cells),
        );
        foreach ($plan->make as $cell) {
            $after[] = new StandingSku($next++, $cell, SkuState::Made);
        }

        return $after;
    }

    /**
     * @param  list<StandingSku>  $skus
     * @param  array<int, int>  $homes
     * @param  array<int, int>  $survivors
     * @return list<StandingSku>
     */
    public static function changed(
        Matrix $from,
        Matrix $to,
        array $skus,
        array $homes = [],
        array $survivors = [],
    ): array {
        return self::applied((new Planner())->plan(new MatrixChange($from, $to, $homes, $survivors), $skus), $skus);
    }

    /** @param  list<StandingSku>  $skus */
    public static function stock(array $skus): int
    {
        return array_sum(array_map(fn(StandingSku $sku): int => $sku->stock ?? 0, $skus));
    }

    /**
     * @param  list<StandingSku>  $skus
     * @param  ?Matrix  $matrix  where they lie; without one their combinations count, with what sleeps of them
     * @return array<string, int> made cell's key => SKU id
     */
    public static function made(array $skus, ?Matrix $matrix = null): array
    {
        $made = [];
        foreach ($skus as $sku) {
            if ($sku->state === SkuState::Made) {
                $made[($matrix === null ? $sku->cell : $matrix->place($sku->cell))?->key] = $sku->id;
            }
        }
        ksort($made);

        return $made;
    }

    /** @param  list<Role>  $roles */
    public static function placement(
        int $id,
        Reach $reach,
        ?View $view = null,
        array $roles = [],
        ?Reach $hidden = null,
    ): Placement {
        return new Placement($id, "p{$id}.jpg", $reach, $hidden ?? Reach::nothing(), $view, $roles);
    }
}
