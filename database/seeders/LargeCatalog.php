<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Ledger\Ledger;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Store\Library\LibraryRows;
use Core\Codes\ValueCode;
use Core\Color\Swatches\Swatch;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\SkuState;
use Core\Matrix\Value;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use RuntimeException;

/**
 * Many invented products, believable enough to be searched, filtered and measured: written straight into the tables, in
 * chunks, with pictures shared from those that are there. The same seed gives the same catalog.
 */
final class LargeCatalog
{
    private const COLORS = [
        'Moss',
        'Clay',
        'Slate',
        'Oat',
        'Ink',
        'Fern',
        'Berry',
        'Bark',
        'Straw',
        'Chalk',
        'Rust',
        'Plum',
        'Sky',
        'Stone',
        'Sage',
        'Coal',
        'Honey',
        'Rose',
        'Teal',
        'Sand',
    ];

    private const SIZES = ['XS', 'S', 'M', 'L', 'XL', 'XXL'];

    private const MANNERS = [
        'Waxed',
        'Quilted',
        'Striped',
        'Light',
        'Heavy',
        'Woven',
        'Brushed',
        'Ribbed',
        'Padded',
        'Washed',
        'Corded',
        'Felted',
        'Hooded',
        'Lined',
        'Pleated',
        'Checked',
        'Knitted',
        'Canvas',
        'Linen',
        'Woolen',
    ];

    private const PLACES = [
        'orchard',
        'garden',
        'meadow',
        'harbor',
        'field',
        'cellar',
        'market',
        'winter',
        'summer',
        'river',
        'hill',
        'forest',
        'kitchen',
        'studio',
        'stable',
        'workshop',
        'island',
        'morning',
        'evening',
        'travel',
    ];

    private const THINGS = [
        'smock',
        'apron',
        'shirt',
        'trousers',
        'jacket',
        'vest',
        'skirt',
        'scarf',
        'hat',
        'gloves',
        'socks',
        'coat',
        'overall',
        'sweater',
        'cape',
        'shorts',
        'belt',
        'bag',
        'blanket',
        'cushion',
    ];

    private const CATEGORIES = [
        'Outerwear > Smocks',
        'Outerwear > Coats',
        'Outerwear > Capes',
        'Workwear > Trousers',
        'Workwear > Overalls',
        'Workwear > Shirts',
        'Knitwear',
        'Hats',
        'Gloves',
        'Scarves',
        'Bags',
        'Home > Cushions',
        'Home > Blankets',
        'Aprons',
        '',
    ];

    private const VIEWS = ['front', 'back', 'detail', 'worn'];

    private const CHUNK = 200;

    private readonly Randomizer $random;

    /** @var array<string, int> table => the next id */
    private array $next = [];

    /** @var array<string, list<array<string, mixed>>> */
    private array $rows = [];

    /** @param  list<int>  $photos */
    private function __construct(int $seed, private readonly array $photos, private readonly int $picturesEach)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
        foreach (['products', 'skus'] as $table) {
            $this->next[$table] = (int) DB::table($table)->max('id') + 1;
        }
    }

    /**
     * @param  callable(int): void  $progress  told after each chunk how many products are there
     */
    public static function make(int $products, int $skus, int $picturesEach, int $seed, callable $progress): void
    {
        $photos = DB::table('photos')->where('state', 'ready')->orderBy('id')->limit(200)->pluck('id')->all();
        if ($photos === [] && $picturesEach > 0) {
            throw new RuntimeException('There is no picture to share. Load the demo first, or ask for --pictures=0.');
        }
        (new self($seed, $photos, $picturesEach))->fill($products, $skus, $progress);
    }

    private function fill(int $products, int $skus, callable $progress): void
    {
        $color = $this->axis('Color', AxisKind::Color, self::COLORS);
        $size = $this->axis('Size', AxisKind::Size, self::SIZES);
        $shotList = (int) DB::table('shot_lists')->min('id');
        $left = $skus;
        for ($at = 0; $at < $products; $at++) {
            $wanted = max(1, (int) round((($left / ($products - $at)) * $this->random->getInt(60, 140)) / 100));
            $left -= $this->product($at, $at === $products - 1 ? max(1, $left) : $wanted, $color, $size, $shotList);
            if ($at % self::CHUNK === self::CHUNK - 1 || $at === $products - 1) {
                $this->write();
                $progress($at + 1);
            }
        }
    }

    /**
     * @param  list<string>  $values
     * @return array{int, list<LibraryValue>} an axis of the library with its values, made where it lacks them
     */
    private function axis(string $name, AxisKind $kind, array $values): array
    {
        $axis = LibraryAxis::query()->firstOrCreate(
            ['folded' => Name::of($name)->folded],
            [
                'name' => $name,
                'kind' => $kind,
                'display' => $kind === AxisKind::Color ? AxisDisplay::ColorSwatches : AxisDisplay::Buttons,
                'changes_picture' => $kind === AxisKind::Color,
            ],
        );
        $taken = array_flip($axis->values()->pluck('code')->all());
        $missing = [];
        foreach (
            array_diff(
                array_map(fn(string $label): string => Name::of($label)->folded, $values),
                $axis->values()->pluck('folded')->all(),
            )
            as $at => $folded
        ) {
            $missing[] = new Value(-1 - $at, $values[$at], ($code = ValueCode::propose($values[$at], $taken)));
            $taken[$code] = true;
        }
        $swatches = array_map(
            fn(Value $value): ?Swatch => $kind === AxisKind::Color
                ? Swatch::read('#' . substr(hash('crc32b', $value->label), 0, 6))
                : null,
            array_column($missing, null, 'id'),
        );
        (new LibraryRows())->add(new Ledger(), $axis, $missing, $swatches);
        $byName = $axis->values()->get()->keyBy('folded');

        return [$axis->id, array_map(fn(string $label): LibraryValue => $byName[Name::of($label)->folded], $values)];
    }

    /**
     * @param  array{int, list<LibraryValue>}  $color
     * @param  array{int, list<LibraryValue>}  $size
     * @return int how many SKUs it has
     */
    private function product(int $at, int $wanted, array $color, array $size, int $shotList): int
    {
        $id = $this->next['products']++;
        $sizes = min(count($size[1]), max(1, (int) ceil(sqrt($wanted))));
        $colors = max(1, min(count($color[1]), (int) round($wanted / $sizes)));
        $ownColors = $this->random->pickArrayKeys($color[1], $colors);
        $ownSizes = array_slice(array_keys($size[1]), $this->random->getInt(0, count($size[1]) - $sizes), $sizes);
        $name =
            self::MANNERS[$this->random->getInt(0, 19)] .
            ' ' .
            self::PLACES[$this->random->getInt(0, 19)] .
            ' ' .
            self::THINGS[$this->random->getInt(0, 19)];
        $code = sprintf('GEN-%06d', $id);
        $now = '2026-01-01 00:00:00';
        $this->rows['products'][] = [
            'id' => $id,
            'code' => $code,
            'name' => $name,
            'description' => '',
            'brand' => '',
            'category' => self::CATEGORIES[$this->random->getInt(0, count(self::CATEGORIES) - 1)],
            'currency' => 'EUR',
            'price' => $this->random->getInt(1, 50) === 1 ? null : $this->random->getInt(9, 190) . '.90',
            'shot_list_id' => $shotList,
            'left_out' => '[]',
            'created_at' => $now,
            'updated_at' => date('Y-m-d H:i:s', strtotime($now) + $this->random->getInt(0, 20_000_000)),
        ];
        foreach ([$color, $size] as $place => [$axisId]) {
            $this->rows['product_axes'][] = ['product_id' => $id, 'axis_id' => $axisId, 'position' => $place];
        }
        foreach ([[$color, $ownColors], [$size, $ownSizes]] as [[$axisId, $values], $own]) {
            foreach ($own as $place => $key) {
                $this->rows['product_values'][] = [
                    'product_id' => $id,
                    'axis_id' => $axisId,
                    'value_id' => $values[$key]->id,
                    'position' => $place,
                ];
            }
        }
        $counted = $this->random->getInt(1, 20) > 1;
        foreach ($ownColors as $c) {
            foreach ($ownSizes as $s) {
                $this->rows['skus'][] = [
                    'id' => $this->next['skus']++,
                    'product_id' => $id,
                    'cell' => Combination::of([$color[0] => $color[1][$c]->id, $size[0] => $size[1][$s]->id])->key,
                    'state' => SkuState::Made->value,
                    'code' => "{$code}-{$color[1][$c]->code}-{$size[1][$s]->code}",
                    'stock' => $counted ? max(0, $this->random->getInt(-3, 40)) : null,
                ];
            }
        }
        $this->pictures($id, $code, $color[0], array_map(fn(int $key): LibraryValue => $color[1][$key], $ownColors));

        return count($ownColors) * count($ownSizes);
    }

    /** @param  list<LibraryValue>  $colors */
    private function pictures(int $productId, string $code, int $axisId, array $colors): void
    {
        // Of one product in three a view is missing.
        $missing = $this->random->getInt(0, 2) === 0 ? self::VIEWS[$this->random->getInt(0, 3)] : '';
        for ($at = 0; $at < $this->picturesEach; $at++) {
            $color = $colors[$at % count($colors)];
            $view = self::VIEWS[intdiv($at, count($colors)) % count(self::VIEWS)];
            if ($view === $missing) {
                continue;
            }
            // One in a hundred waits in the tray.
            $isLoose = $this->random->getInt(1, 100) === 1;
            $this->rows['placements'][] = [
                'product_id' => $productId,
                'photo_id' => $this->photos[$this->random->getInt(0, count($this->photos) - 1)],
                'file_name' => strtolower("{$code}_{$color->code}_{$view}_{$at}.jpg"),
                'position' => $at + 1,
                'reach' => $isLoose ? '[]' : json_encode([[$axisId => [$color->id]]], JSON_THROW_ON_ERROR),
                'hidden' => '[]',
                'view' => $view,
                'roles' => $at < count($colors) && !$isLoose ? '["lead"]' : '[]',
            ];
        }
    }

    private function write(): void
    {
        DB::transaction(function (): void {
            foreach (['products', 'product_axes', 'product_values', 'skus', 'placements'] as $table) {
                foreach (array_chunk($this->rows[$table] ?? [], 1_000) as $chunk) {
                    DB::table($table)->insert($chunk);
                }
            }
        });
        $this->rows = [];
    }
}
