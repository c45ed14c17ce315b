<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Ledger\Ledger;
use App\Models\LibraryValue;
use App\Store\Amounts;
use App\Store\Clauses;
use App\Store\DetailRows;
use App\Store\FactRows;
use App\Store\SwatchColumns;
use App\Store\ViewShelf;
use Core\Gallery\Placement;
use Core\Gallery\Role;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\MatrixChange;
use Core\Pricing\Adjustment;
use Core\Product\Description;
use Core\Product\Difference;
use Core\Product\OwnAxis;
use Core\Product\PictureDifference;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Product\SkuDifference;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;

/** Stores what is different between a product and a wanted state of it, through the same plan as the board. */
final class StateStore
{
    public function __construct(
        private readonly MatrixPlanner $planner,
        private readonly PlanStore $plans,
        private readonly TakenCodes $taken,
        private readonly CodePlanner $codes,
        private readonly FactRows $facts,
    ) {
    }

    /**
     * @param  ProductState  $wanted  its axes and values are of the library
     * @param  MatrixChoices  $choices  what its axes do not say by themselves, such as whether stock adds up
     */
    public function store(Ledger $ledger, LoadedProduct $loaded, ProductState $wanted, MatrixChoices $choices = new MatrixChoices()): StoredState
    {
        $difference = Difference::between($loaded->state(), $wanted);
        $planned = null;
        $ids = [];
        foreach ($loaded->skus as $sku) {
            $ids[$sku->cell->key] = $sku->isMade() ? $sku->id : $ids[$sku->cell->key] ?? $sku->id;
        }
        if ($difference->changesShape || $this->isUnbuilt($loaded, $wanted)) {
            $planned = $this->planner->plan($loaded, $this->change($difference), $this->withCodes($choices, $loaded, $wanted));
            $this->plans->store($ledger, $loaded, $planned);
            $ids = DB::table('skus')->where('product_id', $loaded->product->id)->orderByRaw("state = 'made'")->pluck('id', 'cell')->all();
        }
        $this->storeCode($ledger, $loaded, $wanted);
        $ledger->update('products', [$loaded->product->id => $this->detailColumns($wanted)]);
        $this->storeLabels($ledger, $loaded, $wanted);
        $this->storeOpenings($ledger, $loaded, $wanted);
        $this->storeLook($ledger, $loaded, $difference);
        $this->storeSkus($ledger, $difference, $ids, $loaded);
        $this->storeAdjustments($ledger, $loaded, $wanted);
        DetailRows::store($ledger, $loaded->product->id, $wanted->details->details);
        $this->facts->store($ledger, $loaded->product->id, $loaded->facts, $wanted->details->facts);
        $this->storePictures($ledger, $loaded, $difference);
        $this->storeDescription($ledger, $loaded, $wanted);

        return new StoredState($difference, $planned);
    }

    private function storeCode(Ledger $ledger, LoadedProduct $loaded, ProductState $wanted): void
    {
        $code = $wanted->details->code;
        if ($code === $loaded->product->code) {
            return;
        }
        $owner = $this->taken->owner($code, $loaded->product->id);
        if ($owner !== null) {
            throw new Refusal("{$code} is the code of {$owner}. Choose another.", RefusalKind::Taken, 'code');
        }
        $ledger->update('products', [$loaded->product->id => ['code' => $code]]);
        FormerCodes::remember($loaded->product->id, $loaded->product->code, $code);
    }

    /** Whether it wants SKUs in cells of its matrix that nobody has built yet. */
    private function isUnbuilt(LoadedProduct $loaded, ProductState $wanted): bool
    {
        return array_filter(
            $wanted->skus,
            fn (Sku $sku): bool => $sku->isMade() && ! isset($loaded->made[$sku->cell->key]),
        ) !== [];
    }

    /** @return array<string, mixed> */
    private function detailColumns(ProductState $wanted): array
    {
        $details = $wanted->details;

        return [
            'name' => $details->name,
            'description' => FormattedText::cleaned($details->description),
            'brand' => $details->brand,
            'category' => $details->category,
            'currency' => $details->currency->code,
            'price' => Amounts::stored($details->basePrice),
            'shot_list_id' => $details->shotList?->id,
            'code_pattern_id' => $details->codePattern?->id,
            'shots' => ViewShelf::encode($details->shots),
            'opening_cell' => $details->openingCell?->key,
        ];
    }

    /** Where SKUs go on axes that come, and which value stays of those that go, is read from where each SKU is wanted. */
    private function change(Difference $difference): MatrixChange
    {
        $from = $difference->before->matrix;
        $to = $difference->after->matrix;
        $pairs = array_values(array_filter(
            array_map(
                fn (SkuDifference $sku): ?array =>
                    $sku->before !== null && $sku->after !== null && $sku->after->id !== 0
                        ? [$sku->before->cell, $sku->after->cell]
                        : null,
                $difference->skus,
            ),
        ));
        $chosen = function (int $axisId, int $side, int $usual) use ($pairs): int {
            foreach ($pairs as $pair) {
                $value = $pair[$side]->value($axisId);
                if ($value !== null) {
                    return $value;
                }
            }

            return $usual;
        };
        $homes = [];
        foreach ($to->axes as $axis) {
            if ($from->axis($axis->id) === null && $axis->count() > 0) {
                $homes[$axis->id] = $chosen($axis->id, 1, $axis->values[0]->id);
            }
        }
        $survivors = [];
        foreach ($from->axes as $axis) {
            if ($to->axis($axis->id) === null) {
                $survivors[$axis->id] = $chosen($axis->id, 0, $axis->values[0]->id);
            }
        }

        return new MatrixChange($from, $to, $homes, $survivors);
    }

    /** New SKUs get the codes that are wanted for them, in the place of those made of their values. */
    private function withCodes(MatrixChoices $choices, LoadedProduct $loaded, ProductState $wanted): MatrixChoices
    {
        $codes = [];
        $cells = [];
        foreach ($wanted->skus as $sku) {
            if ($sku->code !== '' && ! isset($loaded->made[$sku->cell->key]) && $wanted->matrix->isCell($sku->cell)) {
                $cells[$sku->cell->key] = $sku;
            }
        }
        $pattern = $this->codes->patternOf($loaded->product);
        $parts = $wanted->matrix->codeParts(array_map(fn (Sku $sku): Combination => $sku->cell, array_values($cells)));
        foreach ($parts as $part) {
            $own = $pattern->code($loaded->product->code, $part);
            if ($own !== $cells[$part->key]->code) {
                $codes[$own] = $cells[$part->key]->code;
            }
        }

        return $choices->withCodes($codes);
    }

    /** What a product calls its values, where that is not what the library calls them. */
    private function storeLabels(Ledger $ledger, LoadedProduct $loaded, ProductState $wanted): void
    {
        $labels = [];
        foreach ($wanted->matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                if ($loaded->matrix->axis($axis->id)?->value($value->id)?->label !== $value->label) {
                    $labels[$value->id] = $value->label;
                }
            }
        }
        if ($labels === []) {
            return;
        }
        $names = LibraryValue::query()->whereKey(array_keys($labels))->pluck('name', 'id');
        $updates = [];
        foreach (DB::table('product_values')->where('product_id', $loaded->product->id)->whereIn('value_id', array_keys($labels))->pluck('value_id', 'id') as $rowId => $valueId) {
            $updates[$rowId] = ['label' => $labels[$valueId] === $names[$valueId] ? null : $labels[$valueId]];
        }
        $ledger->update('product_values', $updates);
    }

    private function storeOpenings(Ledger $ledger, LoadedProduct $loaded, ProductState $wanted): void
    {
        if ($loaded->openings == $wanted->details->openings) {
            return;
        }
        $updates = [];
        foreach (DB::table('product_axes')->where('product_id', $loaded->product->id)->whereNotNull('position')->pluck('axis_id', 'id') as $rowId => $axisId) {
            $updates[$rowId] = ['opening_value_id' => $wanted->details->openings[$axisId] ?? null];
        }
        $ledger->update('product_axes', $updates);
    }

    /** Swatches of its own, and what it says of its axes itself. */
    private function storeLook(Ledger $ledger, LoadedProduct $loaded, Difference $difference): void
    {
        if (! $difference->changesLook) {
            return;
        }
        $wanted = $difference->after->details;
        $axes = $values = [];
        foreach (DB::table('product_axes')->where('product_id', $loaded->product->id)->whereNotNull('position')->pluck('axis_id', 'id') as $rowId => $axisId) {
            $own = $wanted->ownAxes[$axisId] ?? new OwnAxis();
            $axes[$rowId] = ['changes_picture' => $own->changesPicture === null ? null : (int) $own->changesPicture, 'display' => $own->display?->value];
        }
        foreach (DB::table('product_values')->where('product_id', $loaded->product->id)->whereNotNull('position')->pluck('value_id', 'id') as $rowId => $valueId) {
            $values[$rowId] = SwatchColumns::of($wanted->ownSwatches[$valueId] ?? null);
        }
        $ledger->update('product_axes', $axes);
        $ledger->update('product_values', $values);
    }

    /** @param  array<string, int>  $ids  SKU id by the key of its cell, as the plan left them */
    private function storeSkus(Ledger $ledger, Difference $difference, array $ids, LoadedProduct $loaded): void
    {
        $updates = [];
        $codes = [];
        foreach ($difference->skus as $sku) {
            if ($sku->after === null) {
                continue;
            }
            $id = $sku->after->id ?: $ids[$sku->after->cell->key] ?? null;
            if ($id === null) {
                continue;
            }
            $updates[$id] = [
                'price' => Amounts::stored($sku->after->price),
                'stock' => $sku->after->stock,
                'gtin' => $sku->after->gtin,
                'weight_g' => $sku->after->weightG,
            ];
            if ($sku->after->code !== '' && $sku->after->code !== $sku->before?->code) {
                $codes[$id] = $sku->after->code;
            }
        }
        $this->refuseTaken($codes, $loaded);
        foreach ($codes as $id => $code) {
            $updates[$id] += ['code' => $code, 'code_typed' => 1];
        }
        $ledger->update('skus', $updates);
    }

    /** @param  array<int, string>  $codes  by SKU id */
    private function refuseTaken(array $codes, LoadedProduct $loaded): void
    {
        $own = array_flip(DB::table('skus')->whereIn('id', array_keys($codes))->pluck('code')->all());
        $asked = array_values(array_filter($codes, fn (string $code): bool => ! isset($own[$code])));
        foreach ($asked === [] ? [] : $this->taken->among($asked, $loaded->matrix->axes === [] ? $loaded->product->id : null) as $code => $owner) {
            throw new Refusal("{$code} is the code of {$owner}. Choose another.", RefusalKind::Taken, 'sku');
        }
    }

    /** What values add to prices. Values that the wanted state does not have keep theirs. */
    private function storeAdjustments(Ledger $ledger, LoadedProduct $loaded, ProductState $wanted): void
    {
        $ids = array_merge(...array_map(fn (Axis $axis): array => $axis->valueIds(), $wanted->matrix->axes));
        DetailRows::storeAdjustments($ledger, $loaded->product->id, array_replace(array_fill_keys($ids, new Adjustment()), array_intersect_key($wanted->details->adjustments, array_flip($ids))));
    }

    private function storePictures(Ledger $ledger, LoadedProduct $loaded, Difference $difference): void
    {
        if ($difference->pictures === [] && ! $difference->isReordered) {
            return;
        }
        $known = [];
        foreach ($loaded->placements as $row) {
            $known[$row->photoId] = $row->id();
        }
        $ledger->delete('placements', array_values(array_map(
            fn (PictureDifference $picture): int => $picture->before->id ?? 0,
            array_filter($difference->pictures, fn (PictureDifference $picture): bool => $picture->after === null),
        )));
        $updates = [];
        $rows = [];
        foreach ($difference->after->pictures as $at => $picture) {
            $id = $picture->id > 0 ? $picture->id : $known[$picture->photoId] ?? null;
            if ($id === null) {
                $rows[] = ['photo_id' => $picture->photoId] + $this->pictureColumns($picture, $at + 1);
            } else {
                $updates[$id] = $this->pictureColumns($picture, $at + 1);
            }
        }
        $ledger->update('placements', $updates);
        $ledger->insertMany('placements', $loaded->product->id, $rows);
    }

    /** Pictures that a text from elsewhere names by their places have ids by now. */
    private function storeDescription(Ledger $ledger, LoadedProduct $loaded, ProductState $wanted): void
    {
        $text = FormattedText::cleaned($wanted->details->description);
        if (! str_contains($text, '[picture at ')) {
            return;
        }
        $ids = DB::table('placements')
            ->where('product_id', $loaded->product->id)
            ->orderBy('position')
            ->orderBy('id')
            ->pluck('id')
            ->all();
        $named = Description::fromElsewhere($text, fn (int $place): ?int => $ids[$place - 1] ?? null);
        if ($named !== $text) {
            $ledger->update('products', [$loaded->product->id => ['description' => $named]]);
        }
    }

    /** @return array<string, mixed> */
    private function pictureColumns(Placement $picture, int $position): array
    {
        return [
            'file_name' => $picture->file,
            'position' => $position,
            'reach' => Clauses::encode($picture->reach),
            'hidden' => Clauses::encode($picture->hidden),
            'view' => $picture->view?->key,
            'roles' => json_encode(
                array_map(fn (Role $role): string => $role->value, $picture->roles),
                JSON_THROW_ON_ERROR,
            ),
            'alt_text' => $picture->altText,
            'crop' => $picture->crop,
        ];
    }
}
