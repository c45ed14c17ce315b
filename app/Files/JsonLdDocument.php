<?php

declare(strict_types=1);

namespace App\Files;

use App\Media\MediaKind;
use App\Media\PhotoSize;
use App\Models\Product;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductLoader;
use App\Store\ShopDay;
use Core\Details\Condition;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Fact;
use Core\Details\FactKind;
use Core\Gallery\Entry;
use Core\Gallery\Gallery;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Pricing\BreakScope;
use Core\Pricing\Money;
use Core\Pricing\QuantityBreak;
use Core\Product\Description;
use Core\Product\Sku;
use Core\Product\SkuField;
use Core\Product\SkuFields;
use Core\Stock\Availability;

/** A product as schema.org JSON-LD: a ProductGroup with its variants, or a single Product. */
final class JsonLdDocument
{
    public function __construct(private readonly ProductLoader $loader) {}

    public function of(Product $product): string
    {
        return json_encode(
            $this->tree($this->loader->again($product)),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG,
        );
    }

    /** @return array<string, mixed> */
    private function tree(LoadedProduct $loaded): array
    {
        $product = $loaded->product;
        $about = array_filter([
            'name' => $product->name,
            'description' => (new Description($product->description))->plain(),
            'brand' => $product->brand === '' ? null : ['@type' => 'Brand', 'name' => $product->brand],
            'category' => $this->categories($loaded),
            'keywords' => $loaded->core->state->details->details->whole(DetailKind::Tags),
            'additionalProperty' => array_map(
                $this->fact(...),
                array_values(
                    array_filter($loaded->core->state->details->facts, fn(Fact $fact): bool => $fact->isShown),
                ),
            ),
        ]);
        if ($loaded->core->matrix->axes === []) {
            $single = array_values($loaded->core->made)[0] ?? null;

            return [
                '@context' => 'https://schema.org',
                ...$single === null
                    ? ['@type' => 'Product', '@id' => $this->url($product), 'productID' => $product->code]
                    : $this->variant($loaded, $single),
                ...$about,
            ];
        }

        return [
            '@context' => 'https://schema.org',
            '@type' => 'ProductGroup',
            '@id' => $this->url($product),
            'url' => $this->url($product),
            'productGroupID' => $product->code,
            ...$about,
            ...array_filter([
                'image' => $this->images($loaded, $loaded->core->galleries()->forChoice(Combination::of([]))),
                'subjectOf' => $this->films($loaded, $loaded->core->galleries()->forChoice(Combination::of([]))),
                'variesBy' => $this->variesBy($loaded),
                'hasVariant' => array_map(
                    fn(Sku $sku): array => $this->variant($loaded, $sku),
                    array_values($loaded->core->made),
                ),
            ]),
        ];
    }

    /** @return array<string, mixed> */
    private function variant(LoadedProduct $loaded, Sku $sku): array
    {
        $choice = $loaded->core->matrix->choice($sku->cell);
        $own = [];
        $more = [];
        foreach ($this->properties($loaded) as $axisId => $property) {
            $axis = $loaded->core->matrix->axis($axisId);
            $label = $axis?->value($sku->cell->value($axisId) ?? 0)->label ?? '';
            if ($property === null) {
                $more[] = ['@type' => 'PropertyValue', 'name' => $axis->name ?? '', 'value' => $label];
            } else {
                $own[$property] = $label;
            }
        }

        return array_filter(
            [
                '@type' => 'Product',
                '@id' => $this->url($loaded->product) . '#' . rawurlencode($sku->code),
                'name' => trim($loaded->product->name . ' ' . implode(', ', $choice)),
                ...array_merge(...array_map(fn(SkuField $field): array => $field->linked($sku), SkuFields::all())),
                ...$own,
                ...$this->said($loaded, $sku),
                'additionalProperty' => $more,
                'image' => $this->images($loaded, $loaded->core->galleries()->of($sku->cell)),
                'subjectOf' => $this->films($loaded, $loaded->core->galleries()->of($sku->cell)),
                'offers' => [
                    '@type' => 'Offer',
                    ...$this->price($loaded, $sku),
                    ...$this->availability($loaded, $sku),
                    'itemCondition' =>
                        'https://schema.org/' .
                        (
                            Condition::tryFrom($loaded->core->said(DetailKind::Condition, $sku)) ?? Condition::AsNew
                        )->schemaName(),
                    ...$loaded->core->said(DetailKind::Warranty, $sku) === ''
                        ? []
                        : [
                            'warranty' => [
                                '@type' => 'WarrantyPromise',
                                'description' => $loaded->core->said(DetailKind::Warranty, $sku),
                            ],
                        ],
                    // Units that several SKUs share are nobody's own: whoever added them up would sell them more than
                    // once.
                    ...$sku->stock === null || $loaded->core->book->counting !== Counting::Sku
                        ? []
                        : ['inventoryLevel' => ['@type' => 'QuantitativeValue', 'value' => $sku->stock]],
                ],
            ],
            fn(mixed $value): bool => $value !== null && $value !== [],
        );
    }

    /** @return string|list<string> one path, or all of them */
    private function categories(LoadedProduct $loaded): string|array
    {
        $further = $loaded->core->state->details->details->whole(DetailKind::AlsoIn);
        $all = array_values(
            array_filter(
                [$loaded->product->category, ...explode("\n", $further)],
                fn(string $path): bool => $path !== '',
            ),
        );

        return count($all) > 1 ? $all : $all[0] ?? '';
    }

    /** @return array<string, mixed> */
    private function fact(Fact $fact): array
    {
        return [
            '@type' => 'PropertyValue',
            'name' => $fact->name,
            'value' => match ($fact->kind) {
                FactKind::Number => json_decode($fact->value),
                FactKind::YesNo => $fact->value === 'yes',
                FactKind::Many => explode(', ', $fact->value),
                FactKind::Text => $fact->value,
            },
        ] + ($fact->unit === '' ? [] : ['unitText' => $fact->unit]);
    }

    /** @return array<string, mixed> what is said of a SKU and its part that schema.org has a word for */
    private function said(LoadedProduct $loaded, Sku $sku): array
    {
        $linked = [];
        foreach (DetailKind::cases() as $kind) {
            $text = $loaded->core->said($kind, $sku);
            $linked += $text === '' ? [] : $kind->type()->linked($text);
        }

        return $linked;
    }

    /** @return array<string, mixed> whether it can be bought, from when on, and how many at a time */
    private function availability(LoadedProduct $loaded, Sku $sku): array
    {
        $availability = $loaded->core->availability($sku, ShopDay::today());
        $limits = $loaded->core->orderLimits($sku);
        $quantity = array_filter(['minValue' => $limits->least, 'maxValue' => $limits->most]);

        return ['availability' => "https://schema.org/{$availability->schemaName()}"] +
            ($availability === Availability::PreOrder
                ? ['availabilityStarts' => $loaded->core->said(DetailKind::PreOrder, $sku)]
                : []) +
            ($quantity === [] ? [] : ['eligibleQuantity' => ['@type' => 'QuantitativeValue'] + $quantity]);
    }

    /**
     * The price of today; where it is a sale, until when, and the regular one beside it; a list price; and what holds
     * from which quantity on, where each unit is reduced.
     *
     * @return array<string, mixed>
     */
    private function price(LoadedProduct $loaded, Sku $sku): array
    {
        $price = $loaded->core->price($sku);
        if ($price === null) {
            return [];
        }
        $sale = $loaded->core->saleNow($sku, ShopDay::today());
        $currency = $price->currency->code;
        $specified = fn(Money $money, ?string $type): array => [
            '@type' => 'UnitPriceSpecification',
            'price' => $money->shown(),
            'priceCurrency' => $currency,
        ] + ($type === null ? [] : ['priceType' => "https://schema.org/{$type}"]);
        $list = $loaded->core->prices->listPrice($sku->cell);
        $all = $loaded->core->prices->breaks();
        $breaks = array_filter($all->breaks, fn(QuantityBreak $break): bool => $break->scope === BreakScope::Unit);
        $specifications = [
            ...$sale === null ? [] : [$specified($price, 'RegularPrice')],
            ...$list === null ? [] : [$specified($list, 'ListPrice')],
            ...array_map(
                fn(QuantityBreak $break): array => $specified($break->total($sale->price ?? $price, 1), null) + [
                    'eligibleQuantity' => array_filter([
                        '@type' => 'QuantitativeValue',
                        'minValue' => $break->from,
                        'maxValue' => $all->until($break),
                    ]),
                ],
                array_values($breaks),
            ),
        ];

        return [
            'price' => ($sale->price ?? $price)->shown(),
            'priceCurrency' => $currency,
            ...$sale?->until === null ? [] : ['priceValidUntil' => $sale->until->iso],
            ...$specifications === [] ? [] : ['priceSpecification' => $specifications],
        ];
    }

    /** @return list<array<string, mixed>> the Lead first, then in order */
    private function images(LoadedProduct $loaded, Gallery $gallery): array
    {
        return array_map(
            fn(Entry $entry): array => $this->image($loaded, $entry),
            array_values(array_filter($gallery->leadFirst(), fn(Entry $entry): bool => $entry->placement->isStill)),
        );
    }

    /** @return list<array<string, mixed>> films and models of a gallery, in order */
    private function films(LoadedProduct $loaded, Gallery $gallery): array
    {
        $films = [];
        foreach ($gallery->entries as $entry) {
            $row = $loaded->placements[$entry->placement->id];
            if (!$entry->placement->isStill) {
                $site = rtrim((string) config('app.url'), '/');
                $file = [
                    'contentUrl' => $site . MediaKind::address($row->photoId, $row->type),
                    'encodingFormat' => MediaKind::TYPES[$row->type],
                ];
                $about = [
                    'name' => $entry->placement->file,
                    'description' => $loaded->core->altText($entry->placement),
                    'thumbnailUrl' => $site . PhotoSize::Gallery->address($row->photoId),
                ];
                $films[] =
                    $row->kind() === MediaKind::Film
                        ? ['@type' => 'VideoObject'] +
                            $about +
                            $file + ['duration' => 'PT' . round((int) $row->milliseconds / 1000, 3) . 'S']
                        : ['@type' => '3DModel'] + $about + ['encoding' => ['@type' => 'MediaObject'] + $file];
            }
        }

        return $films;
    }

    /** @return array<string, mixed> */
    private function image(LoadedProduct $loaded, Entry $entry): array
    {
        $row = $loaded->placements[$entry->placement->id];

        return [
            '@type' => 'ImageObject',
            'contentUrl' => rtrim((string) config('app.url'), '/') . PhotoSize::Zoom->address($row->photoId),
            'name' => $entry->placement->file,
            'caption' => $loaded->core->altText($entry->placement),
        ];
    }

    private function url(Product $product): string
    {
        return rtrim((string) config('app.url'), '/') . '/products/' . rawurlencode($product->code);
    }

    /** @return list<string> */
    private function variesBy(LoadedProduct $loaded): array
    {
        $names = [];
        foreach ($this->properties($loaded) as $axisId => $property) {
            $names[] =
                $property === null
                    ? $loaded->core->matrix->axis($axisId)->name ?? ''
                    : 'https://schema.org/' . $property;
        }

        return $names;
    }

    /**
     * schema.org knows size, color, material and pattern, each once; further axes of a kind, and all others, are
     * named properties.
     *
     * @return array<int, ?string> axis id => its property; null for a named one
     */
    private function properties(LoadedProduct $loaded): array
    {
        $properties = [];
        foreach ($loaded->core->matrix->axes as $axis) {
            $name = mb_strtolower($axis->name);
            $property = match (true) {
                $axis->kind === AxisKind::Size => 'size',
                $axis->kind === AxisKind::Color => 'color',
                in_array($name, ['material', 'pattern'], true) => $name,
                default => null,
            };
            $properties[$axis->id] = $property === null || in_array($property, $properties, true) ? null : $property;
        }

        return $properties;
    }
}
