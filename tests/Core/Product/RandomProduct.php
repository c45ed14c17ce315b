<?php

declare(strict_types=1);

namespace Tests\Core\Product;

use Brick\Math\BigDecimal;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchPiece;
use Core\Color\Swatches\Tile;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\Fact;
use Core\Details\FactKind;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Coverage\Shot;
use Core\Gallery\Crop;
use Core\Gallery\CropFrame;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\Views;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\SleepingAxis;
use Core\Matrix\SkuState;
use Core\Matrix\Value;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\Description;
use Core\Product\Document\IndexedAxis;
use Core\Product\Document\LibraryIndex;
use Core\Product\LibraryRef;
use Core\Product\OwnAxis;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Product\SkuFields;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Random\Randomizer;

/** Products drawn at random that have something of everything that can be kept of one. */
final class RandomProduct
{
    private const WORDS = [
        'Moss',
        'Clay',
        'Slate',
        'Oat',
        'Straw',
        'Ink',
        'Rust',
        'Chalk',
        'Plum',
        'Fog',
        'Teal',
        'Sand',
    ];

    private int $lastId;

    public function __construct(
        private readonly Randomizer $random,
        private readonly LibraryIndex $library,
        int $firstId = 1,
    ) {
        $this->lastId = $firstId - 1;
    }

    /** A library of some axes with values, for products that stand in no database. */
    public static function library(Randomizer $random, int $axes = 5): LibraryIndex
    {
        $indexed = [];
        for ($id = 1; $id <= $axes; $id++) {
            $values = array_map(
                fn(int $at): Value => new Value($id * 100 + $at, self::WORDS[$at] . " {$id}", "C{$at}"),
                range(1, 8),
            );
            $kind = AxisKind::cases()[$id % 3];
            $indexed[] = new IndexedAxis(
                $id,
                "Axis {$id}",
                $kind,
                $random->getInt(0, 1) === 1,
                AxisDisplay::cases()[$random->getInt(0, 3)],
                $values,
            );
        }
        $photos = [];
        for ($id = 1; $id <= 12; $id++) {
            $photos[$id] = hash('sha256', "photo {$id}");
        }

        return new LibraryIndex(
            $indexed,
            Views::usual(),
            [new LibraryRef(1, 'Garments'), new LibraryRef(2, 'Shoes')],
            [new LibraryRef(3, 'Short codes')],
            $photos,
        );
    }

    public function state(string $code = 'RANDOM'): ProductState
    {
        $axes = $this->random->shuffleArray($this->library->axes());
        $awakeCount = $this->random->getInt(1, 3);
        $own = $openings = $labels = $adjustments = $swatches = $sleepingLabels = [];
        $awake = $sleeping = [];
        foreach (array_slice($axes, 0, $awakeCount + 1) as $at => $axis) {
            $values = $this->random->shuffleArray($axis->values);
            $used = array_slice($values, 0, $this->random->getInt(2, 3));
            $asleep = array_slice($values, 3, $this->random->getInt(0, 2));
            $says = new OwnAxis($this->oneOf([null, null, true, false]), $this->oneOf([null, ...AxisDisplay::cases()]));
            foreach ([...$used, ...$asleep] as $value) {
                $labels[$value->id] = $this->chance() ? "Own {$value->label}" : $value->label;
                if ($this->chance()) {
                    $adjustments[$value->id] = $this->adjustment();
                }
                if ($this->chance()) {
                    $swatches[$value->id] = $this->swatch();
                }
            }
            if ($at < $awakeCount) {
                $awake[] = new Axis(
                    $axis->id,
                    $axis->name,
                    $axis->kind,
                    array_map(
                        fn(Value $value): Value => new Value($value->id, $labels[$value->id], $value->code),
                        $used,
                    ),
                    $says->changesPicture ?? $axis->changesPicture,
                    $says->display ?? $axis->display,
                    array_column($asleep, 'id'),
                );
            } else {
                $standsAt = $this->oneOf([null, $used[0]]);
                $sleeping[] = new SleepingAxis(
                    $axis->id,
                    array_column($used, 'id'),
                    $standsAt?->id,
                    array_column($asleep, 'id'),
                    $axis->name,
                    $standsAt === null ? '' : $labels[$standsAt->id],
                    $says->changesPicture ?? $axis->changesPicture,
                );
            }
            if (!$says->isNone()) {
                $own[$axis->id] = $says;
            }
            if ($this->chance()) {
                $openings[$axis->id] = $this->oneOf($used)->id;
            }
            foreach ($at < $awakeCount ? $asleep : [...$used, ...$asleep] as $value) {
                if ($labels[$value->id] !== $value->label) {
                    $sleepingLabels[$value->id] = $labels[$value->id];
                }
            }
        }
        $plain = Matrix::of($awake, null, $sleeping);
        $matrix = Matrix::of($awake, $this->reach($plain), $sleeping);
        $skus = $this->skus($matrix, $code);
        $pictures = $this->pictures($matrix);
        $currency = Currency::of('EUR');
        $details = new ProductDetails(
            'Product ' . $this->random->getInt(1, 999),
            $code,
            $currency,
            $pictures === []
                ? 'Plain.'
                : "Wide sleeves.\n" . Description::picture($pictures[count($pictures) - 1]->id) . "\nTwo pockets.",
            $this->oneOf(['', 'Thrumbury']),
            $this->oneOf(['', 'Garden > Smocks']),
            $this->money(),
            $this->oneOf([null, ...$this->library->shotLists]),
            $this->facts(),
            $openings,
            $this->oneOf([null, $this->oneOf($skus)->combination]),
            [
                new Shot(
                    $this->oneOf($this->library->views->all),
                    $this->oneOf(Need::cases()),
                    $this->oneOf(['', 'worn in the shop']),
                ),
            ],
            $own,
            $swatches,
            $adjustments,
            $this->details($matrix),
            $this->oneOf([null, ...$this->library->codePatterns]),
            $sleepingLabels,
        );

        return new ProductState($details, $matrix, $skus, $pictures);
    }

    /** @return non-empty-list<Sku> on offer, retired, and retired with values that sleep */
    private function skus(Matrix $matrix, string $code): array
    {
        $skus = [];
        $cells = $matrix->combinations();
        foreach ($cells as $at => $cell) {
            $isMade = $at === 0 || ($this->random->getInt(0, 3) > 0 && $matrix->isOffered($cell));
            $skus[] = $this->sku(
                $cell,
                $isMade ? SkuState::Made : SkuState::Retired,
                "{$code}-{$at}",
                $this->asleepAt($matrix, $cell),
            );
        }
        foreach ($matrix->axes as $axis) {
            foreach (array_slice($axis->sleeping, 0, 1) as $valueId) {
                $cell = $cells[0]->with($axis->id, $valueId);
                $skus[] = $this->sku($cell, SkuState::Retired, "{$code}-R{$axis->id}", $this->asleepAt($matrix, $cell));
            }
        }

        return $skus;
    }

    private function asleepAt(Matrix $matrix, Combination $cell): Combination
    {
        foreach ($matrix->sleeping as $axis) {
            $cell = $cell->with($axis->id, $this->oneOf($axis->valueIds));
        }

        return $cell;
    }

    private function sku(Combination $cell, SkuState $state, string $code, Combination $combination): Sku
    {
        $texts = [];
        foreach (SkuFields::texts() as $field) {
            $texts += $this->chance() ? [$field->key() => "{$field->key()} {$this->lastId}"] : [];
        }

        return new Sku(
            ++$this->lastId,
            $cell,
            $state,
            $code,
            $this->oneOf([null, $this->money()]),
            $this->oneOf([null, 0, $this->random->getInt(1, 99)]),
            $this->oneOf([null, sprintf('04%011d', $this->lastId)]),
            $this->oneOf([null, $this->random->getInt(1, 900)]),
            $combination,
            $this->chance(),
            $state === SkuState::Retired ? $this->random->getInt(1, 9) : $this->oneOf([0, 3]),
            $texts,
        );
    }

    /** @return list<Placement> */
    private function pictures(Matrix $matrix): array
    {
        $pictures = [];
        for ($photoId = 1; $photoId <= 12; $photoId++) {
            if ($this->library->checksum($photoId) !== null) {
                $pictures[] = new Placement(
                    ++$this->lastId,
                    "{$photoId}.jpg",
                    $this->reach($matrix),
                    $this->chance() ? Reach::nothing() : $this->reach($matrix),
                    $this->oneOf([null, ...$this->library->views->all]),
                    $this->chance() ? [] : [$this->oneOf(Role::cases())],
                    $this->oneOf(['', "Text {$photoId}"]),
                    crop: $this->oneOf(['', Crop::of(300, 400, new CropFrame(100, 100, 600, 600))->key()]),
                    photoId: $photoId,
                );
            }
        }

        return $this->random->shuffleArray($pictures);
    }

    /** @return list<Fact> */
    private function facts(): array
    {
        return [
            new Fact(++$this->lastId, 'Lining', $this->oneOf(['cotton', 'linen']), isShown: $this->chance()),
            new Fact(++$this->lastId, 'Length', '320', FactKind::Number, 'cm'),
            new Fact(++$this->lastId, 'Washable', $this->oneOf(['yes', 'no']), FactKind::YesNo),
            new Fact(++$this->lastId, 'Fabric', 'linen, cotton', FactKind::Many, isShown: false),
        ];
    }

    private function details(Matrix $matrix): Details
    {
        $details = (new Details())->withWhole(DetailKind::Cost, '21.00')->withWhole(DetailKind::Tags, 'garden, new');
        foreach (
            [[DetailKind::Cost, '19.00'], [DetailKind::Origin, 'PT'], [DetailKind::ShortText, 'Short.']]
            as [$kind, $text]
        ) {
            $axis = $this->oneOf($matrix->axes);
            $details = $details->with(
                $kind,
                Reach::of(Clause::of([$axis->id => [$this->oneOf($axis->values)->id]])),
                $this->oneOf(['', $text]),
                $matrix,
            );
        }

        return $details;
    }

    /** A reach over values that the product has, and over some that sleep. */
    private function reach(Matrix $matrix): Reach
    {
        $clauses = [];
        for ($at = 0; $at < $this->random->getInt(0, 2); $at++) {
            $values = [];
            foreach ([...$matrix->axes, ...array_values($matrix->sleeping)] as $axis) {
                if ($this->chance()) {
                    $values[$axis->id] = array_values(array_filter($axis->everyValueId(), $this->chance(...)));
                }
            }
            $clauses[] = Clause::of(array_filter($values, fn(array $ids): bool => $ids !== []));
        }

        return Reach::of(...$clauses);
    }

    private function adjustment(): Adjustment
    {
        return match ($this->random->getInt(0, 2)) {
            0 => new Adjustment($this->money()),
            1 => new Adjustment(null, BigDecimal::of($this->random->getInt(1, 99))),
            default => new Adjustment($this->money(), BigDecimal::of('-2.5')),
        };
    }

    private function swatch(): Swatch
    {
        $color = fn(): Srgb => Srgb::fromHex(sprintf('#%06x', $this->random->getInt(0, 0xffffff)));

        return match ($this->random->getInt(0, 2)) {
            0 => Swatch::of($color(), $color()),
            1 => Swatch::of($color(), $color())->inTile(Tile::Stripes),
            default => Swatch::of($color())->cutFrom(
                new SwatchPiece(
                    $this->random->getInt(1, 12),
                    Crop::of(300, 400, new CropFrame(100, 100, 600, 600))->key(),
                ),
            ),
        };
    }

    private function money(): Money
    {
        return Money::of(
            $this->random->getInt(100, 9_900) . '.' . sprintf('%02d', $this->random->getInt(0, 99)),
            Currency::of('EUR'),
        );
    }

    private function chance(): bool
    {
        return $this->random->getInt(0, 1) === 1;
    }

    /**
     * @template T
     *
     * @param  array<T>  $list
     * @return T
     */
    private function oneOf(array $list): mixed
    {
        return array_values($list)[$this->random->getInt(0, count($list) - 1)];
    }
}
