<?php

declare(strict_types=1);

namespace App\Files\Packages;

use App\Store\Library\Portable\PortableColumn;
use Core\Product\Document\ProductDocument;
use Core\Product\SkuFields;

/** What documents of products say, as tables for people and their tools. The documents are what is read again. */
final class DocumentTables
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /** @return list<PackageTable> */
    public function all(): array
    {
        $product = new PortableColumn('product', 'Code of the product.', isRequired: true);
        $ofProduct = ['product' => ['products', 'code']];
        $reach = new PortableColumn(
            'reach',
            'Where it holds: clauses of values by axis; one without any is all.',
            'array',
        );

        return [
            new PackageTable(
                'categories',
                'Where products stand in the shop.',
                [PortableColumn::key('path', 'Its parts with " > " between.')],
                ['path'],
            ),
            new PackageTable(
                'products',
                'What a shopper finds once, whatever sizes and colors it comes in.',
                [
                    PortableColumn::key('code', 'The code of the product.'),
                    new PortableColumn('name', 'What it is called.', isRequired: true),
                    new PortableColumn('description', 'Plain text or HTML.'),
                    new PortableColumn('brand', 'Whose it is.'),
                    new PortableColumn('category', 'Where it stands in the shop.'),
                    new PortableColumn('currency', 'ISO 4217.', isRequired: true),
                    new PortableColumn('price', 'Of every SKU that has none of its own.', 'number'),
                    new PortableColumn('shot_list', 'Which views it is to have.'),
                    new PortableColumn('code_pattern', 'How the codes of its SKUs are made.'),
                    new PortableColumn('left_out', 'Cells that are not sold, as clauses.', 'array'),
                ],
                ['code'],
            ),
            new PackageTable(
                'product-axes',
                'The axes that each product has, in its order; those that it had are asleep.',
                [
                    $product,
                    new PortableColumn('axis', 'What the axis is called.', isRequired: true),
                    new PortableColumn('asleep', 'Whether it has it no more.', 'boolean', true),
                    new PortableColumn('stands_at', 'The value that an axis which sleeps stands at.'),
                    new PortableColumn('opens_with', 'The value that shoppers find chosen.'),
                ],
                ['product', 'axis'],
                $ofProduct,
            ),
            new PackageTable(
                'product-values',
                'The values that each product has of its axes, in its order.',
                [
                    $product,
                    new PortableColumn('axis', 'What the axis is called.', isRequired: true),
                    new PortableColumn('value', 'What the value is called.', isRequired: true),
                    new PortableColumn('asleep', 'Whether it has it no more.', 'boolean', true),
                    new PortableColumn('label', 'What the product calls it, where it is otherwise.'),
                    new PortableColumn('adds', 'What it adds to the price.', 'number'),
                    new PortableColumn('adds_percent', 'By how many per cent it changes the price.', 'number'),
                    new PortableColumn('swatch', 'The product’s own, where it has one.', 'object'),
                ],
                ['product', 'axis', 'value'],
                $ofProduct,
            ),
            new PackageTable(
                'skus',
                'What is sold, on offer or retired.',
                [
                    $product,
                    PortableColumn::key('sku', 'Its code.'),
                    new PortableColumn('choice', 'The value on each axis.', 'object', true),
                    new PortableColumn('state', 'made or retired.', isRequired: true),
                    new PortableColumn('price', 'Its own; empty where it follows the product.', 'number'),
                    new PortableColumn('stock', 'Units that were counted for it alone.', 'integer'),
                    new PortableColumn('gtin', 'GTIN.'),
                    new PortableColumn('weight_g', 'Grams.', 'integer'),
                    ...array_map(
                        fn($field): PortableColumn => new PortableColumn($field->key(), $field->name() . '.'),
                        SkuFields::texts(),
                    ),
                ],
                ['sku'],
                $ofProduct,
            ),
            new PackageTable(
                'placements',
                'The pictures of each product, in its order.',
                [
                    $product,
                    new PortableColumn('position', 'From 1.', 'integer', true),
                    new PortableColumn('file', 'What the picture is called.', isRequired: true),
                    new PortableColumn('sha256', 'By which the picture is known.', isRequired: true),
                    new PortableColumn('view', 'What it shows.'),
                    new PortableColumn('roles', 'Which jobs it does.', 'array'),
                    $reach,
                    new PortableColumn('hidden', 'Where it is not shown although it reaches there.', 'array'),
                    new PortableColumn('alt_text', 'The text that stands for it, where somebody typed one.'),
                    new PortableColumn('crop', 'What of it is shown; empty for the middle.'),
                ],
                ['product', 'position'],
                $ofProduct + ['sha256' => ['photos', 'sha256']],
            ),
            new PackageTable(
                'details',
                'What else is said of products, and otherwise of parts of them.',
                [
                    $product,
                    new PortableColumn('kind', 'What is said.', isRequired: true),
                    $reach,
                    new PortableColumn('text', 'Empty where the part has none.'),
                ],
                [],
                $ofProduct,
            ),
            new PackageTable(
                'facts',
                'What is said of products in their own words.',
                [
                    $product,
                    new PortableColumn('name', 'What it is about.', isRequired: true),
                    new PortableColumn('value', 'What it says.', isRequired: true),
                    new PortableColumn('kind', 'text, number, yes/no or list.', isRequired: true),
                    new PortableColumn('unit', 'Of a number.'),
                    new PortableColumn('shown', 'Whether shoppers see it.', 'boolean', true),
                ],
                ['product', 'name'],
                $ofProduct,
            ),
        ];
    }

    /**
     * @return array<string, list<list<string>>> table => rows; categories are not among them
     */
    public function rows(ProductDocument $document): array
    {
        /** @var array<string, mixed> $data */
        $data = json_decode($document->json, true, flags: JSON_THROW_ON_ERROR);
        $code = $document->title()->code;
        $texts = ['name', 'description', 'brand', 'category', 'currency', 'price', 'shot_list', 'code_pattern'];
        /** @var array<string, list<list<string>>> $rows */
        $rows = [];
        $rows['products'][] = [
            $code,
            ...array_map(fn(string $field): string => (string) $data[$field], $texts),
            self::json($data['left_out']),
        ];
        foreach ($data['skus'] as $sku) {
            $rows['skus'][] = $this->sku($code, $sku);
        }
        foreach ($data['details'] as $said) {
            $rows['details'][] = [$code, $said['kind'], self::json($said['reach']), $said['text']];
        }
        foreach ($data['facts'] as $fact) {
            $rows['facts'][] = [
                $code,
                $fact['name'],
                $fact['value'],
                $fact['kind'],
                $fact['unit'],
                self::said($fact['shown']),
            ];
        }
        foreach ($data['axes'] as $axis) {
            $rows['product-axes'][] = [
                $code,
                $axis['axis'],
                self::said($axis['asleep']),
                (string) $axis['stands_at'],
                (string) $axis['opens_with'],
            ];
            foreach ($axis['values'] as $value) {
                $rows['product-values'][] = $this->value($code, $axis['axis'], $value);
            }
        }
        foreach ($data['pictures'] as $at => $picture) {
            $rows['placements'][] = $this->picture($code, $at + 1, $picture);
        }

        return $rows;
    }

    /**
     * @param  array<string, mixed>  $sku
     * @return list<string>
     */
    private function sku(string $code, array $sku): array
    {
        return [
            $code,
            $sku['code'],
            self::json((object) $sku['choice']),
            $sku['state'],
            (string) $sku['price'],
            (string) $sku['stock'],
            (string) $sku['gtin'],
            (string) $sku['weight_g'],
            ...array_map(fn($field): string => $sku['texts'][$field->key()] ?? '', SkuFields::texts()),
        ];
    }

    /**
     * @param  array<string, mixed>  $value
     * @return list<string>
     */
    private function value(string $code, string $axis, array $value): array
    {
        return [
            $code,
            $axis,
            $value['value'],
            self::said($value['asleep']),
            (string) $value['label'],
            (string) $value['adds'],
            (string) $value['adds_percent'],
            $value['swatch'] === null ? '' : self::json($value['swatch']),
        ];
    }

    /**
     * @param  array<string, mixed>  $picture
     * @return list<string>
     */
    private function picture(string $code, int $place, array $picture): array
    {
        return [
            $code,
            (string) $place,
            $picture['file'],
            $picture['sha256'],
            (string) $picture['view'],
            self::json($picture['roles']),
            self::json($picture['reach']),
            self::json($picture['hidden']),
            $picture['alt_text'],
            $picture['crop'],
        ];
    }

    private static function said(bool $is): string
    {
        return $is ? 'true' : 'false';
    }

    /** Clauses without a value are objects, not lists. */
    private static function json(mixed $data): string
    {
        $clauses = is_array($data) && array_is_list($data);

        return json_encode(
            $clauses ? array_map(fn(mixed $one): mixed => is_array($one) ? (object) $one : $one, $data) : $data,
            self::FLAGS,
        );
    }
}
