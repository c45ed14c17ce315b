<?php

declare(strict_types=1);

namespace App\Files;

use App\Catalog\Fact;
use App\Catalog\LoadedProduct;
use App\Catalog\ProductLoader;
use App\Catalog\SkuRow;
use App\Http\Views\PictureLinks;
use App\Media\PhotoSize;
use App\Models\Product;
use Core\Gallery\AltText;
use Core\Gallery\Entry;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Pricing\Money;

/** A product as schema.org JSON-LD: a ProductGroup with its variants, or a single Product. */
final class JsonLdDocument
{
    public function __construct(private readonly ProductLoader $loader)
    {
    }

    public function of(Product $product): string
    {
        return json_encode($this->tree($this->loader->load($product)), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** @return array<string, mixed> */
    private function tree(LoadedProduct $loaded): array
    {
        $product = $loaded->product;
        $about = array_filter([
            'name' => $product->name,
            'description' => $product->description,
            'brand' => $product->brand === '' ? null : ['@type' => 'Brand', 'name' => $product->brand],
            'category' => $product->category,
            'additionalProperty' => array_map(fn (Fact $fact): array => ['@type' => 'PropertyValue', 'name' => $fact->name, 'value' => $fact->value], $loaded->facts),
        ]);
        if ($loaded->matrix->axes === []) {
            $single = array_values($loaded->made)[0] ?? null;

            return [
                '@context' => 'https://schema.org',
                ...($single === null ? ['@type' => 'Product', '@id' => $this->url($product), 'productID' => $product->code] : $this->variant($loaded, $single)),
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
            'variesBy' => array_map(fn (Axis $axis): string => $this->property($axis)['variesBy'], $loaded->matrix->axes),
            'hasVariant' => array_map(fn (SkuRow $sku): array => $this->variant($loaded, $sku), array_values($loaded->made)),
        ];
    }

    /** @return array<string, mixed> */
    private function variant(LoadedProduct $loaded, SkuRow $sku): array
    {
        $choice = $loaded->matrix->choice($sku->cell);
        $price = $loaded->price($sku);
        $own = [];
        foreach ($loaded->matrix->axes as $axis) {
            $property = $this->property($axis)['property'];
            if ($property === 'additionalProperty') {
                $own['additionalProperty'][] = ['@type' => 'PropertyValue', 'name' => $axis->name, 'value' => $choice[$axis->name]];
            } else {
                $own[$property] = $choice[$axis->name];
            }
        }

        return array_filter([
            '@type' => 'Product',
            '@id' => $this->url($loaded->product).'#'.rawurlencode($sku->code),
            'name' => trim($loaded->product->name.' '.implode(', ', $choice)),
            'sku' => $sku->code,
            'gtin' => $sku->gtin,
            ...$own,
            'weight' => $sku->weightG === null ? null : ['@type' => 'QuantitativeValue', 'value' => $sku->weightG, 'unitCode' => 'GRM'],
            'image' => array_map(fn (Entry $entry): array => $this->image($loaded, $entry), $loaded->galleries()->of($sku->cell)->leadFirst()),
            'offers' => $price === null ? null : [
                '@type' => 'Offer',
                'price' => Money::show($price, $loaded->product->currency),
                'priceCurrency' => $loaded->product->currency,
                'availability' => 'https://schema.org/'.($sku->stock > 0 ? 'InStock' : 'OutOfStock'),
                'inventoryLevel' => ['@type' => 'QuantitativeValue', 'value' => $sku->stock],
            ],
        ], fn (mixed $value): bool => $value !== null && $value !== []);
    }

    /** @return array<string, mixed> */
    private function image(LoadedProduct $loaded, Entry $entry): array
    {
        $row = $loaded->placements[$entry->placement->id];

        return [
            '@type' => 'ImageObject',
            'contentUrl' => rtrim((string) config('app.url'), '/').PictureLinks::address($row->photoId, PhotoSize::Full),
            'name' => $entry->placement->file,
            'caption' => (new AltText())->of($entry->placement, $loaded->product->name, $loaded->matrix),
        ];
    }

    private function url(Product $product): string
    {
        return rtrim((string) config('app.url'), '/').'/products/'.rawurlencode($product->code);
    }

    /** @return array{property: string, variesBy: string} schema.org knows size, color, material and pattern; the rest are named properties */
    private function property(Axis $axis): array
    {
        $name = mb_strtolower($axis->name);
        $property = match (true) {
            $axis->kind === AxisKind::Size => 'size',
            $axis->kind === AxisKind::Color => 'color',
            in_array($name, ['material', 'pattern'], true) => $name,
            default => 'additionalProperty',
        };

        return ['property' => $property, 'variesBy' => $property === 'additionalProperty' ? $axis->name : 'https://schema.org/'.$property];
    }
}
