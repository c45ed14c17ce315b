<?php

declare(strict_types=1);

namespace Core\Changes\Documents;

use Core\Changes\Catalog;
use Core\Changes\Codes\ProductCode;
use Core\Changes\Details\ProductText;
use Core\Changes\Details\SayFact;
use Core\CoreException;
use Core\Details\DetailReader;
use Core\Gallery\Crop;
use Core\Gallery\Placement;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Pricing\Money;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Product\SkuField\CodeField;
use Core\Product\SkuField\GtinField;
use Core\Product\SkuField\StockField;
use Core\Product\SkuField\WeightField;
use Core\Product\SkuFields;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Holds a state that comes from elsewhere to what every change of a product is held to: each text, number and code is
 * read as if somebody typed it.
 */
final readonly class SoundState
{
    private const LONGEST_LABEL = 80;

    private const LONGEST_FILE = 200;

    private const LONGEST_ALT_TEXT = 300;

    private const LONGEST_REASON = 120;

    /** Characters of the key of a cell, those of axes that sleep with it. */
    private const LONGEST_CELL = 400;

    private function __construct(private ProductState $state) {}

    /** @throws CoreException where something of it could not be kept, or says two things */
    public static function refuseUnsound(ProductState $state, Catalog $catalog): void
    {
        $check = new self($state);
        $check->details();
        $check->labels();
        $check->facts($catalog);
        $check->said();
        $check->skus();
        $check->pictures();
    }

    private function details(): void
    {
        $details = $this->state->details;
        ProductCode::read($details->code);
        foreach (ProductText::cases() as $text) {
            try {
                $text->read($text->of($details));
            } catch (Refusal $refusal) {
                throw new Refusal(ucfirst($text->value) . ": {$refusal->getMessage()}", $refusal->kind);
            }
        }
        self::refusePrice($details->basePrice);
        foreach ($details->adjustments as $adjustment) {
            if ($adjustment->amount !== null) {
                Money::addition($adjustment->amount->amount, $details->currency);
            }
        }
        foreach ($details->shots as $shot) {
            self::refuseLong($shot->reason, self::LONGEST_REASON, 'A reason of the shot list');
        }
        foreach ($details->sleepingLabels as $label) {
            self::refuseLong($label, self::LONGEST_LABEL, 'A name of a value');
        }
    }

    private function labels(): void
    {
        foreach ($this->state->matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                self::refuseLong($value->label, self::LONGEST_LABEL, 'A name of a value');
                if (trim($value->label) === '') {
                    throw new Refusal("A value of {$axis->name} has no name.", RefusalKind::Missing);
                }
            }
        }
    }

    private function facts(Catalog $catalog): void
    {
        $own = $this->state->details;
        $alone = new Product(
            new ProductState(new ProductDetails($own->name, $own->code, $own->currency), Matrix::of([])),
        );
        foreach ($own->facts as $fact) {
            $alone = new Product(
                (new SayFact($fact->name, $fact->value, $fact->kind, $fact->unit, $fact->isShown))->on(
                    $alone,
                    $catalog,
                )->state,
            );
        }
        if (count($alone->state->details->facts) !== count($own->facts)) {
            throw new Refusal('It says two facts of one name.', RefusalKind::Taken);
        }
    }

    /** What is said of it and its parts is what somebody could have typed, in the one way in which it is kept. */
    private function said(): void
    {
        $reader = new DetailReader($this->state->details->currency);
        foreach ($this->state->details->details->all as $detail) {
            if ($detail->text !== '' && $reader->listed($detail->kind, $detail->text) !== $detail->text) {
                throw new Refusal(
                    "{$detail->kind->label()} cannot be “" . mb_strimwidth($detail->text, 0, 60, '…') . '”.',
                    RefusalKind::Unreadable,
                );
            }
        }
    }

    private function skus(): void
    {
        $matrix = $this->state->matrix;
        $axisIds = array_map(fn(Axis $axis): int => $axis->id, $matrix->axes);
        $cells = $codes = $gtins = [];
        foreach ($this->state->skus as $sku) {
            $this->refuseNumbers($sku);
            self::refuseLong($sku->combination->key, self::LONGEST_CELL, 'The place of a SKU');
            if ($sku->isMade()) {
                if (array_diff($axisIds, array_keys($sku->cell->values)) !== [] || !$matrix->isCell($sku->cell)) {
                    throw new Refusal("{$sku->code} is on offer, and lies in no cell.", RefusalKind::Impossible);
                }
                self::refuseSecond($cells, $sku->cell->key, "{$sku->code} lies in a cell that another SKU has.");
            }
            self::refuseSecond($codes, mb_strtoupper($sku->code), "Two SKUs have the code {$sku->code}.");
            self::refuseSecond($gtins, $sku->gtin ?? '', "Two SKUs have the GTIN {$sku->gtin}.");
        }
    }

    private function refuseNumbers(Sku $sku): void
    {
        $currency = $this->state->details->currency;
        CodeField::read($sku->code);
        self::refusePrice($sku->price);
        foreach ([new GtinField(), new StockField(), new WeightField(), ...SkuFields::texts()] as $field) {
            $field->written($sku, $field->shown($sku), $currency);
        }
        if ($sku->retiredAt < 0) {
            throw new Refusal("{$sku->code} went out of offer before the product was made.", RefusalKind::Unreadable);
        }
    }

    private function pictures(): void
    {
        foreach ($this->state->pictures as $picture) {
            $this->refuseUnsoundPicture($picture);
        }
    }

    private function refuseUnsoundPicture(Placement $picture): void
    {
        self::refuseLong($picture->file, self::LONGEST_FILE, 'The name of a picture');
        self::refuseLong($picture->altText, self::LONGEST_ALT_TEXT, 'An alt text');
        if (trim($picture->file) === '') {
            throw new Refusal('A picture has no name.', RefusalKind::Missing);
        }
        if ($picture->crop !== Crop::fromKey($picture->crop)->key()) {
            throw new Refusal(
                "What of {$picture->file} is shown cannot be “" . mb_strimwidth($picture->crop, 0, 40, '…') . '”.',
                RefusalKind::Unreadable,
            );
        }
    }

    private static function refusePrice(?Money $price): void
    {
        if ($price !== null) {
            Money::price($price->amount, $price->currency);
        }
    }

    private static function refuseLong(string $text, int $longest, string $what): void
    {
        if (mb_strlen($text) > $longest) {
            throw new Refusal(
                "{$what} can have {$longest} characters; “" . mb_strimwidth($text, 0, 40, '…') . '” has more.',
                RefusalKind::Unreadable,
            );
        }
    }

    /** @param  array<string|int, true>  $seen */
    private static function refuseSecond(array &$seen, string $key, string $why): void
    {
        if ($key !== '' && isset($seen[$key])) {
            throw new Refusal($why, RefusalKind::Taken);
        }
        $seen[$key] = true;
    }
}
