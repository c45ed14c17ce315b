<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\Fact;
use Core\Details\FactKind;
use Core\Details\ReachedDetail;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Coverage\Shot;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Matrix\Matrix;
use Core\Matrix\SkuState;
use Core\Pricing\Currency;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Product\SkuFields;
use stdClass;

/** Reads a document into a product of this catalog: once, as it notes what the library lacks on its way. */
final class DocumentReader
{
    private readonly Fields $fields;

    private readonly DocumentNames $names;

    public function __construct(stdClass $data, LibraryIndex $library)
    {
        $this->fields = new Fields($data);
        $this->names = new DocumentNames($library);
    }

    /** @throws UnreadableDocument */
    public function read(): ReadProduct
    {
        $fields = $this->fields;
        $currency = $fields->reading('currency', fn(): Currency => Currency::of($fields->text('currency')));
        $described = $fields->all('axes');
        foreach ($described as $axis) {
            $this->names->know($axis);
        }
        $axes = new DocumentAxes($described, $this->names);
        $matrix = $fields->reading(
            'axes',
            fn(): Matrix => Matrix::of($axes->awake(), $this->names->reach($fields, 'left_out'), $axes->asleep()),
        );
        $pictures = $this->pictures();
        $opening = $fields->fieldsOrNone('opening');
        $details = new ProductDetails(
            $fields->text('name'),
            $fields->text('code'),
            $currency,
            $fields->text('description'),
            $fields->text('brand'),
            $fields->text('category'),
            $fields->money('price', $currency),
            $this->names->shotList($fields, 'shot_list'),
            array_map($this->fact(...), $fields->all('facts')),
            $axes->openings(),
            $opening === null ? null : $this->names->combination($opening),
            array_values(array_filter(array_map($this->shot(...), $fields->all('shots')))),
            $axes->ownAxes(),
            $axes->swatches(),
            $axes->adjustments($currency),
            new Details(array_map($this->detail(...), $fields->all('details'))),
            $this->names->codePattern($fields, 'code_pattern'),
            $axes->sleepingLabels(),
        );
        $skus = array_map(fn(Fields $sku): Sku => $this->sku($sku, $matrix, $currency), $fields->all('skus'));

        return new ReadProduct(new ProductState($details, $matrix, $skus, $pictures), $this->names->lacking());
    }

    private function sku(Fields $fields, Matrix $matrix, Currency $currency): Sku
    {
        $choice = $fields->fieldsOrNone('choice') ?? throw $fields->amiss('choice', 'it is missing');
        $combination = $this->names->combination($choice);

        $sku = new Sku(
            0,
            $matrix->place($combination) ?? $combination,
            $fields->case('state', SkuState::class),
            $fields->text('code'),
            $fields->money('price', $currency),
            $fields->numberOrNone('stock'),
            $fields->textOrNone('gtin'),
            $fields->numberOrNone('weight_g'),
            $combination,
            $fields->isTrue('typed'),
            $fields->number('retired_at'),
        );

        // Documents written before there were any have none.
        $texts = $fields->has('texts') ? $fields->fieldsOrNone('texts') : null;

        return $texts === null ? $sku : $this->withTexts($sku, $texts, $currency);
    }

    private function withTexts(Sku $sku, Fields $texts, Currency $currency): Sku
    {
        $known = [];
        foreach (SkuFields::texts() as $field) {
            $known[$field->key()] = $field;
        }
        foreach ($texts->names() as $key) {
            $field = $known[$key] ?? throw $texts->amiss($key, 'no field of a SKU is called so');
            $sku = $field->written($sku, $texts->text($key), $currency);
        }

        return $sku;
    }

    /** @return list<Placement> those whose pictures are stored here */
    private function pictures(): array
    {
        $pictures = [];
        foreach ($this->fields->all('pictures') as $at => $fields) {
            $photoId = $this->names->photo($fields->text('sha256'), $fields->text('file'));
            if ($photoId !== null) {
                $pictures[] = new Placement(
                    -($at + 1),
                    $fields->text('file'),
                    $this->names->reach($fields, 'reach'),
                    $this->names->reach($fields, 'hidden'),
                    $this->names->view($fields),
                    array_map(
                        fn(string $role): Role => Role::tryFrom($role) ??
                            throw $fields->amiss('roles', "there is no role “{$role}”"),
                        $fields->texts('roles'),
                    ),
                    $fields->text('alt_text'),
                    $fields->isTrue('still'),
                    $fields->text('crop'),
                    $photoId,
                );
            }
        }

        return $pictures;
    }

    private function fact(Fields $fields): Fact
    {
        return new Fact(
            0,
            $fields->text('name'),
            $fields->text('value'),
            $fields->case('kind', FactKind::class),
            $fields->text('unit'),
            $fields->isTrue('shown'),
        );
    }

    private function detail(Fields $fields): ReachedDetail
    {
        return new ReachedDetail(
            $fields->case('kind', DetailKind::class),
            $this->names->reach($fields, 'reach'),
            $fields->text('text'),
        );
    }

    private function shot(Fields $fields): ?Shot
    {
        $view = $this->names->view($fields);

        return $view === null ? null : new Shot($view, $fields->case('need', Need::class), $fields->text('reason'));
    }
}
