<?php

declare(strict_types=1);

namespace Tests\Walk;

use App\Http\Screens\Product\PreviewScreen;
use App\Store\Library\ValueNames;
use App\Store\Products\CatalogLookup;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductColors;
use App\Summaries\ProductCounting;
use App\Summaries\SkuCounting;
use App\Summaries\Summaries;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftReader;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\SetUpAxes;
use Core\Checks\CheckedProduct;
use Core\Checks\Checks;
use Core\Details\Counting as Way;
use Core\Gallery\Coverage\Cover;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Entry;
use Core\Gallery\Roles\Ground;
use Core\Gallery\Roles\Role;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Value;
use Core\Product\Sku;
use Core\Product\StockCount;
use Core\Reach\Clause;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tests\Support\Shop;

/** What holds of a product whatever was done to it. The rows are read here anew, not through the core. */
final class Laws
{
    /** Words of the history are cut off where they are longer. */
    private const WORDS = 400;

    /** @var array<int, string> SKU id => code, as it was */
    private array $codes = [];

    private int $stock = 0;

    private int $shared = 0;

    /** All units that were ever said of what several SKUs share. */
    private int $said = 0;

    private ?Standing $standing = null;

    private int $version = 0;

    public function __construct(private readonly Shop $shop) {}

    /** @return array<string, mixed> all rows of the product, and what its values are called */
    public function state(): array
    {
        $labels = [];
        foreach ($this->shop->loaded()->core->matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                $labels[$value->id] = $value->label;
            }
        }

        return $this->shop->state() + ['labels' => $labels];
    }

    /** Before the first change of a product. */
    public function begin(): void
    {
        $this->said = $this->sharedUnits($this->shop->loaded());
    }

    public function remember(): void
    {
        $this->codes = $this->skus()->pluck('code', 'id')->all();
        $this->stock = (int) $this->skus()->sum('stock');
        $this->shared = $this->sharedUnits($this->shop->loaded());
        $this->standing = new Standing($this->shop->loaded());
        $this->version = $this->shop->version();
    }

    public function hold(Verb $verb): void
    {
        $loaded = $this->shop->loaded();
        $this->cellsAddUp($loaded);
        $this->codesStay($verb);
        if ($verb !== Verb::Stock) {
            LawBroken::unlessSame((int) $this->skus()->sum('stock'), $this->stock, 'no unit of stock is lost or found');
        }
        $this->untouchedIsUnchanged($loaded);
        $this->labelsAreRead($loaded);
        $this->galleriesAreTheOneOrder($loaded);
        $this->rolesHold($loaded);
        $this->coverageIsOfTheGalleries($loaded);
        $this->swatchesAreShown($loaded);
        $this->pricesComeOfTheRules($loaded);
        $this->unitsAreCountedOnce($loaded);
        $this->sharedUnitsAreNotMultiplied($verb, $loaded);
        $this->plansSayWhatChanges($verb, $loaded);
        $this->partsKeepTheirSay($verb, $loaded);
        $this->valuesShowTheirOwn($loaded);
    }

    /** A plan names prices that change and units that move, and no others. */
    private function plansSayWhatChanges(Verb $verb, LoadedProduct $loaded): void
    {
        $words = $this->shop->words();
        if (
            !$verb->isOfMatrix() ||
            $this->standing === null ||
            mb_strlen($words) >= self::WORDS ||
            $loaded->product->version === $this->version
        ) {
            return;
        }
        LawBroken::unlessSame(
            str_contains($words, 'changes prices'),
            $this->standing->changesPrices($loaded),
            'a plan names every change of price',
        );
        if ($this->standing->movesUnits(new Standing($loaded))) {
            LawBroken::unless(str_contains($words, 'moves units'), 'a plan names what becomes of shared units', $words);
        }
    }

    /** What is said of the product leaves what parts say, and the other way round. */
    private function partsKeepTheirSay(Verb $verb, LoadedProduct $loaded): void
    {
        $now = new Standing($loaded);
        if ($verb === Verb::DetailOfAll) {
            LawBroken::unlessSame(
                $now->says,
                $this->standing?->says,
                'a part keeps its say, whatever the product says',
            );
        }
        // Of all of a product's SKUs something may be said anew; "as the product" takes nothing from the product.
        if ($verb === Verb::Detail && str_contains($this->shop->words(), 'set to the product’s')) {
            LawBroken::unlessSame(
                $now->wholes,
                $this->standing?->wholes,
                'the product keeps its say, whatever a part says',
            );
        }
    }

    /** A chosen value shows only what is linked to it, and nothing where there is no SKU of it. */
    private function valuesShowTheirOwn(LoadedProduct $loaded): void
    {
        foreach ($loaded->core->matrix->pictureAxes() as $axis) {
            foreach ($axis->values as $value) {
                $choice = Combination::of([$axis->id => $value->id]);
                $entries = $loaded->core->galleries()->forChoice($choice)->entries;
                $isMade = array_filter($loaded->core->made, fn(Sku $sku): bool => $sku->cell->includes($choice)) !== [];
                LawBroken::unless(
                    $isMade || $entries === [],
                    'a value without a SKU shows nothing',
                    "{$axis->name} {$value->label}",
                );
                foreach ($entries as $entry) {
                    $reach = $entry->placement->reach->activeIn($loaded->core->matrix);
                    $allows = array_filter(
                        $reach->clauses,
                        fn(Clause $clause): bool => $clause->allows($axis->id, $value->id),
                    );
                    LawBroken::unless(
                        $allows !== [],
                        'a chosen color never shows another’s pictures',
                        "{$entry->placement->file} at {$value->label}",
                    );
                }
            }
        }
    }

    /** Units that several SKUs share sleep and wake, join and part; there are never more than somebody said. */
    private function sharedUnitsAreNotMultiplied(Verb $verb, LoadedProduct $loaded): void
    {
        $now = $this->sharedUnits($loaded);
        if ($verb === Verb::Stock || $verb === Verb::Counting) {
            $this->said += max(0, $now - $this->shared);
        }
        LawBroken::unless(
            $now <= $this->said,
            'no change makes units',
            "{$now} are shared, and {$this->said} were ever said: {$this->shop->words()}",
        );
    }

    private function sharedUnits(LoadedProduct $loaded): int
    {
        return match ($loaded->core->book->counting) {
            Way::None, Way::Sku => 0,
            Way::Pictures, Way::Product => (new StockCount($loaded->core->made, $loaded->core->book))->units,
        };
    }

    /** A value is shown by the product's own swatch, else by the library's; a shopper meets no blank one. */
    private function swatchesAreShown(LoadedProduct $loaded): void
    {
        $own = DB::table('product_values')->where('product_id', $loaded->product->id)->pluck('swatch', 'value_id');
        $shared = DB::table('axis_values')->whereIn('id', $own->keys())->pluck('swatch', 'id');
        $preview = new PreviewScreen($loaded, null, false, ValueNames::of($loaded->core->matrix, ''));
        foreach ($loaded->core->matrix->axes as $axis) {
            foreach ($preview->options($axis) as $at => $option) {
                $id = $axis->values[$at]->id;
                LawBroken::unlessSame(
                    $loaded->core->library->swatches->of($id)?->text(),
                    $own[$id] ?? $shared[$id],
                    "{$axis->values[$at]->label} is shown by its own swatch, else by the library’s",
                );
                LawBroken::unlessSame(
                    $option->swatch === null || $axis->display->isServedBy($option->swatch),
                    true,
                    'no shopper meets a blank swatch',
                );
            }
        }
    }

    /** What is kept of the product and its SKUs in counts is what counting it now gives. */
    public function countsAreFresh(): void
    {
        app(Summaries::class)->countSome();
        $loaded = $this->shop->loaded();
        $texts = fn(array $row): array => array_map(
            fn(mixed $value): string => is_bool($value) ? (string) (int) $value : (string) $value,
            $row,
        );
        $kept = (array) DB::table('product_summaries')->where('product_id', $loaded->product->id)->first();
        $fresh = $texts(app(ProductCounting::class)->of($loaded));
        LawBroken::unlessSame(
            array_intersect_key($texts($kept), $fresh),
            $fresh,
            'what is kept in counts is what is there',
        );
        $skus = DB::table('sku_summaries')
            ->where('product_id', $loaded->product->id)
            ->orderBy('sku_id')
            ->get()
            ->keyBy('sku_id')
            ->map(fn(stdClass $row): array => $texts((array) $row))
            ->all();
        $counted = array_map($texts, app(SkuCounting::class)->of($loaded));
        ksort($counted);
        LawBroken::unlessSame($skus, $counted, 'what is kept in counts of SKUs is what is there');
        $found = DB::table('finding_counts')
            ->where('product_id', $loaded->product->id)
            ->pluck('found', 'check_key')
            ->all();
        $checked = Checks::counts(new CheckedProduct($loaded->core, (new ProductColors($loaded))->all()));
        ksort($found);
        ksort($checked);
        LawBroken::unlessSame($found, $checked, 'what is kept of findings is what is found');
        $views = [];
        foreach ($loaded->core->coverage()->rows ?? [] as $row) {
            foreach ($row->cells as $view => $cell) {
                $views[$view][$cell->cover->value] = ($views[$view][$cell->cover->value] ?? 0) + 1;
            }
        }
        $coverage = DB::table('coverage_summaries')->where('product_id', $loaded->product->id)->get();
        LawBroken::unlessSame(
            $coverage->pluck('view')->sort()->values()->all(),
            collect($views)->keys()->map(strval(...))->sort()->values()->all(),
            'coverage is kept of each view of the shot list',
        );
        foreach ($coverage as $kept) {
            LawBroken::unlessSame(
                [$kept->there, $kept->shared, $kept->need === Need::NotWanted->value ? 0 : $kept->missing],
                [
                    $views[$kept->view]['there'] ?? 0,
                    $views[$kept->view]['shared'] ?? 0,
                    $kept->need === Need::NotWanted->value ? 0 : $views[$kept->view]['missing'] ?? 0,
                ],
                'what is kept of coverage is what is there',
            );
        }
    }

    /**
     * A price that is no SKU's own is base, amounts, percentages one after another, rounded half up, as the rows have
     * them; without an ending.
     */
    private function pricesComeOfTheRules(LoadedProduct $loaded): void
    {
        if (
            DB::table('details')->where('product_id', $loaded->product->id)->where('kind', 'ending')->exists() ||
            $loaded->product->price === null
        ) {
            return;
        }
        $rows = DB::table('product_values')->where('product_id', $loaded->product->id)->get()->keyBy('value_id');
        foreach ($loaded->core->made as $sku) {
            $price = BigDecimal::of($loaded->product->price);
            $values = array_map(fn(Axis $axis) => $rows[$sku->cell->value($axis->id)], $loaded->core->matrix->axes);
            // What the product stands at on axes that sleep goes on counting.
            array_push($values, ...array_map(fn(int $valueId) => $rows[$valueId], array_values($this->stands())));
            foreach ($values as $row) {
                $price = $price->plus($row->price_amount ?? '0');
            }
            foreach ($values as $row) {
                $price = $price->plus(
                    $price->multipliedBy($row->price_percent ?? '0')->dividedBy(100, 30, RoundingMode::HALF_UP),
                );
            }
            $wanted =
                $sku->price !== null
                    ? $sku->price->shown()
                    : ($price->isNegative()
                        ? 'none'
                        : (string) $price->toScale($loaded->core->prices->currency->digits, RoundingMode::HALF_UP));
            $is = $loaded->core->price($sku)?->shown() ?? 'none';
            LawBroken::unlessSame($is, $wanted, "{$sku->code} costs what its rules make");
        }
    }

    /** Every unit is counted once, whatever it is counted for. */
    private function unitsAreCountedOnce(LoadedProduct $loaded): void
    {
        $said = fn(string $kind): array => DB::table('details')
            ->where('product_id', $loaded->product->id)
            ->where('kind', $kind)
            ->get()
            ->all();
        $sum = match ($loaded->core->book->counting) {
            Way::None => 0,
            Way::Product => $loaded->core->made === [] ? 0 : (int) ($said('product units')[0]->text ?? 0),
            Way::Sku => array_sum(array_map(fn(Sku $sku): int => $sku->stock ?? 0, $loaded->core->made)),
            Way::Pictures => null,
        };
        $is = (new StockCount($loaded->core->made, $loaded->core->book))->units;
        LawBroken::unlessSame(
            $is,
            $sum ?? $is,
            "the stock adds up to what was counted for {$loaded->core->book->counting->inWords()}",
        );
    }

    /** made + left out + open = the axes' sizes multiplied; one SKU to a cell, and only where it is offered. */
    private function cellsAddUp(LoadedProduct $loaded): void
    {
        $matrix = $loaded->core->matrix;
        $made = array_map(
            fn(Sku $sku): string => $sku->cell->key,
            array_values(array_filter($loaded->core->state->skus, fn(Sku $sku): bool => $sku->isMade())),
        );
        LawBroken::unlessSame(count(array_unique($made)), count($made), 'no two SKUs on offer share a cell');
        $left = array_map(
            fn(Combination $cell): string => $cell->key,
            array_filter($matrix->combinations(), fn(Combination $cell): bool => $this->isLeftOut($cell)),
        );
        LawBroken::unlessSame(
            array_values(
                array_map(
                    fn(Combination $cell): string => $cell->key,
                    array_filter($matrix->combinations(), fn(Combination $cell): bool => !$matrix->isOffered($cell)),
                ),
            ),
            array_values($left),
            'left out is what the rules say',
        );
        LawBroken::unlessSame(array_values(array_intersect($made, $left)), [], 'what is left out is not on offer');
        LawBroken::unlessSame(
            array_values(
                array_diff($made, array_map(fn(Combination $cell): string => $cell->key, $matrix->combinations())),
            ),
            [],
            'what is on offer has a cell',
        );
    }

    private function codesStay(Verb $verb): void
    {
        $now = $this->skus()->pluck('code', 'id')->all();
        LawBroken::unlessSame(array_diff_key($this->codes, $now), [], 'no SKU is ever deleted');
        $folded = array_map(mb_strtolower(...), array_values($now));
        LawBroken::unlessSame(count(array_unique($folded)), count($folded), 'no code is given twice');
        if (!in_array($verb, [Verb::Code, Verb::SwapCodes, Verb::ProductCode], true)) {
            LawBroken::unlessSame(array_intersect_key($now, $this->codes), $this->codes, 'a code stays with its SKU');
        }
    }

    /** The dialog of the axes, opened and left as it is, plans nothing but what is open. */
    private function untouchedIsUnchanged(LoadedProduct $loaded): void
    {
        $drafts = array_map(
            fn(Axis $axis): DraftAxis => new DraftAxis(
                $axis->name,
                '',
                true,
                null,
                $axis->id,
                array_map(fn(Value $value): DraftValue => DraftValue::existing($value->id), $axis->values),
            ),
            $loaded->core->matrix->axes,
        );
        $planned = (new SetUpAxes($drafts))->plan($loaded->core, app(CatalogLookup::class));
        LawBroken::unless(
            $planned->plan->retire === [] && $planned->plan->move === [],
            'a plan from a matrix to itself touches no SKU',
            $planned->plan->inWords(),
        );
        LawBroken::unlessSame(
            count($planned->plan->keep),
            count($loaded->core->made),
            'a plan from a matrix to itself keeps what is made',
        );
    }

    /** What a value is called on the product, typed, is that value. */
    private function labelsAreRead(LoadedProduct $loaded): void
    {
        $drafts = array_map(
            fn(Axis $axis): DraftAxis => new DraftAxis(
                $axis->name,
                '',
                true,
                null,
                $axis->id,
                array_map(fn(Value $value): DraftValue => DraftValue::called($value->label), $axis->values),
            ),
            $loaded->core->matrix->axes,
        );
        foreach ((new DraftReader(app(CatalogLookup::class)))->read($drafts, $loaded->core) as $at => $read) {
            LawBroken::unlessSame(
                $read->axis->valueIds(),
                $loaded->core->matrix->axes[$at]->valueIds(),
                'a product’s own labels mean its own values',
            );
        }
    }

    private function galleriesAreTheOneOrder(LoadedProduct $loaded): void
    {
        $rows = DB::table('placements')
            ->where('product_id', $this->shop->product->id)
            ->orderBy('position')
            ->orderBy('id')
            ->get();
        foreach ($loaded->core->made as $sku) {
            $expected = $rows
                ->filter(
                    fn(stdClass $row): bool => $this->reaches($row->reach, $sku->cell) &&
                        !$this->reaches($row->hidden, $sku->cell),
                )
                ->pluck('id')
                ->values()
                ->all();
            LawBroken::unlessSame(
                $loaded->core->galleries()->of($sku->cell)->placementIds(),
                $expected,
                'a gallery is the one order, less what does not reach it or is hidden',
            );
        }
    }

    /**
     * Of what is made, and of nothing else, each SKU whose gallery lacks a view is counted where the view is missing.
     */
    private function coverageIsOfTheGalleries(LoadedProduct $loaded): void
    {
        $skus = 0;
        foreach ($loaded->core->coverage()->rows ?? [] as $row) {
            $own = array_filter($loaded->core->made, fn(Sku $sku): bool => $sku->cell->includes($row->combination));
            $skus += count($own);
            foreach ($row->cells as $view => $cell) {
                $lacking = count(
                    array_filter(
                        $own,
                        fn(Sku $sku): bool => !in_array(
                            (string) $view,
                            array_map(
                                fn(Entry $entry): string => $entry->placement->view->key ?? '',
                                $loaded->core->galleries()->of($sku->cell)->entries,
                            ),
                            true,
                        ),
                    ),
                );
                LawBroken::unlessSame(
                    [$cell->skus, $cell->lacking, $cell->cover === Cover::Missing],
                    [count($own), $lacking, $lacking > 0],
                    "coverage of {$view} is what the galleries show",
                );
            }
        }
        LawBroken::unlessSame(
            $skus,
            $loaded->core->coverage() === null ? 0 : count($loaded->core->made),
            'each SKU on offer is in one picture combination',
        );
    }

    private function rolesHold(LoadedProduct $loaded): void
    {
        foreach ($loaded->core->made as $sku) {
            $gallery = $loaded->core->galleries()->of($sku->cell);
            [$lead, $card, $hover] = array_map($gallery->role(...), [Role::Lead, Role::Card, Role::Hover]);
            $views = array_map(fn(Entry $entry): ?string => $entry->placement->view?->key, $gallery->entries);
            LawBroken::unless($views === [] || $lead->entry !== null, 'where there is a picture, there is a Lead');
            $others = array_filter(
                $gallery->entries,
                fn(Entry $entry): bool => $entry->placement->isStill && !$entry->placement->isGuide(),
            );
            LawBroken::unless(
                $lead->ground === Ground::Assigned || $lead->placement()?->isGuide() !== true || $others === [],
                'no guide leads while there is another picture',
            );
            LawBroken::unless(
                $hover->ground === Ground::Assigned ||
                    $hover->entry === null ||
                    $hover->placement()?->id !== $card->placement()?->id,
                'Hover is another picture than Card',
            );
        }
    }

    /**
     * Whether one of some clauses covers a cell: of an axis that sleeps, where the product stands at a value it allows.
     */
    private function reaches(string $clauses, Combination $cell): bool
    {
        foreach (json_decode($clauses, true) as $clause) {
            if ($this->allows($clause, $cell->values + $this->stands())) {
                return true;
            }
        }

        return false;
    }

    /** Whether the rules leave a cell out: at every value of the sleeping axes that stand somewhere. */
    private function isLeftOut(Combination $cell): bool
    {
        $rules = json_decode(
            (string) DB::table('products')->where('id', $this->shop->product->id)->value('left_out'),
            true,
        );
        $depths = [$cell->values];
        foreach (array_keys($this->stands()) as $axisId) {
            $values = DB::table('product_values')
                ->where('product_id', $this->shop->product->id)
                ->where('axis_id', $axisId)
                ->whereNotNull('position')
                ->pluck('value_id')
                ->all();
            $depths = array_merge(
                ...array_map(
                    fn(array $depth): array => array_map(
                        fn(int $value): array => $depth + [$axisId => $value],
                        $values,
                    ),
                    $depths,
                ),
            );
        }
        foreach ($depths as $depth) {
            if (array_filter($rules, fn(array $clause): bool => $this->allows($clause, $depth)) === []) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<int, list<int>>  $clause
     * @param  array<int, int>  $values
     */
    private function allows(array $clause, array $values): bool
    {
        foreach ($clause as $axisId => $allowed) {
            if (!in_array($values[$axisId] ?? 0, $allowed, true)) {
                return false;
            }
        }

        return true;
    }

    /** @return array<int, int> sleeping axis id => the value that the product stands at */
    private function stands(): array
    {
        return DB::table('product_axes')
            ->where('product_id', $this->shop->product->id)
            ->whereNull('position')
            ->whereNotNull('stands_at_value_id')
            ->pluck('stands_at_value_id', 'axis_id')
            ->all();
    }

    private function skus(): \Illuminate\Database\Query\Builder
    {
        return DB::table('skus')->where('product_id', $this->shop->product->id)->orderBy('id');
    }
}
