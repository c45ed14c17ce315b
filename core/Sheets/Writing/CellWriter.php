<?php

declare(strict_types=1);

namespace Core\Sheets\Writing;

use Core\Color\Swatches\Swatch;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Fact;
use Core\Gallery\Entry;
use Core\Gallery\Gallery;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Matrix\Axis;
use Core\Pricing\Adjustment;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Product\SkuFields;
use Core\Sheets\Columns\FactColumn;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;

/** Writes the cells of a product's rows, as reading them takes them back. */
final readonly class CellWriter
{
    /** @var array<string, Axis> by name */
    private array $axes;

    public function __construct(private Product $product)
    {
        $this->axes = array_column($product->matrix->axes, null, 'name');
    }

    /** What stands in the row in the column of a field; empty for nothing. */
    public function text(Field $field, SheetLine $line): string
    {
        if ($field->kind->isOfProduct() || $field->kind === FieldKind::Product) {
            return $line->isFirst || $field->kind === FieldKind::Product || $field->kind === FieldKind::Currency
                ? $this->ofProduct($field)
                : '';
        }

        return match ($field->kind) {
            FieldKind::Axis => $this->product->matrix->choice($line->cell)[$field->name] ?? '',
            FieldKind::Adds => $this->adds($field->name, $line),
            FieldKind::Swatch => $this->swatch($field->name, $line),
            FieldKind::State => $line->state,
            FieldKind::Detail => $this->detail(DetailKind::from($field->name), $line),
            default => $line->sku === null ? '' : $this->ofSku($field, $line, $line->sku),
        };
    }

    private function ofProduct(Field $field): string
    {
        $details = $this->product->state->details;

        return match ($field->kind) {
            FieldKind::Product => $details->code,
            FieldKind::Name => $details->name,
            FieldKind::Description => $details->description,
            FieldKind::Brand => $details->brand,
            FieldKind::Category => implode(
                '|',
                array_filter(
                    [$details->category, ...explode("\n", $details->details->whole(DetailKind::AlsoIn))],
                    fn(string $path): bool => $path !== '',
                ),
            ),
            FieldKind::BasePrice => $details->basePrice?->shown() ?? '',
            FieldKind::Currency => $details->currency->code,
            FieldKind::Fact => $this->fact($field->name),
            default => '',
        };
    }

    /** Facts of one name that are of different kinds have a column each. */
    private function fact(string $named): string
    {
        $fact = Fact::named($this->product->state->details->facts, FactColumn::of($named)->name);

        return $fact !== null && FactColumn::ofFact($fact)->text() === $named ? $fact->value : '';
    }

    private function ofSku(Field $field, SheetLine $line, Sku $sku): string
    {
        return match ($field->kind) {
            FieldKind::Sku => $sku->code,
            FieldKind::Gtin => $sku->gtin ?? '',
            FieldKind::Price => $sku->price?->shown() ?? '',
            FieldKind::EffectivePrice => $this->product->price($sku)?->shown() ?? '',
            FieldKind::SalePrice => $this->product->prices->sale($line->cell)?->price->shown() ?? '',
            FieldKind::Weight => (string) ($sku->weightG ?? ''),
            FieldKind::Stock => $this->stock($line, $sku),
            FieldKind::SkuText => SkuFields::named($field->name)?->shown($sku) ?? '',
            FieldKind::Photos => $this->beside($line, fn(Placement $picture): string => $picture->file),
            FieldKind::Views => $this->beside($line, fn(Placement $picture): string => $picture->view->key ?? ''),
            FieldKind::AltTexts => $this->beside($line, fn(Placement $picture): string => $picture->altText),
            FieldKind::Role => $this->role(Role::from($field->name), $line),
            default => '',
        };
    }

    private function stock(SheetLine $line, Sku $sku): string
    {
        if (!$sku->isMade()) {
            return $this->product->book->counting === Counting::Sku ? (string) $sku->stock : '';
        }

        return isset($line->pools[$this->product->source($sku)]) ? '' : (string) $this->product->units($sku);
    }

    private function gallery(SheetLine $line): Gallery
    {
        return $this->product->galleries()->of($line->cell);
    }

    /**
     * With | between, as many as there are pictures; nothing where all are empty.
     *
     * @param  callable(Placement): string  $say
     */
    private function beside(SheetLine $line, callable $say): string
    {
        $texts = array_map(
            fn(Entry $entry): string => str_replace('|', '/', $say($entry->placement)),
            $this->gallery($line)->entries,
        );

        return array_filter($texts, fn(string $text): bool => $text !== '') === [] ? '' : implode('|', $texts);
    }

    private function role(Role $role, SheetLine $line): string
    {
        $answer = $this->gallery($line)->role($role);

        return $answer->ground->isAssigned() ? $answer->placement()->file ?? '' : '';
    }

    private function adds(string $axis, SheetLine $line): string
    {
        $valueId = isset($this->axes[$axis]) ? $line->cell->value($this->axes[$axis]->id) : null;
        $adds = $valueId === null ? null : $this->product->state->details->adjustments[$valueId] ?? null;
        if ($adds === null || $adds->isNone()) {
            return '';
        }
        $parts = array_filter([
            $adds->amount === null ? '' : Adjustment::withSign($adds->amount->amount),
            $adds->percent === null ? '' : Adjustment::withSign($adds->percent) . ' %',
        ]);

        return implode(' ', $parts);
    }

    /** What is said of every SKU alike stands once. */
    private function detail(DetailKind $kind, SheetLine $line): string
    {
        $details = $this->product->state->details->details;

        return match (true) {
            $kind === DetailKind::Breaks => $line->isFirst ? $this->product->prices->breaks()->ranges() : '',
            $kind->isOfProduct() => $line->isFirst ? $details->whole($kind) : '',
            $line->sku === null => '',
            default => $this->said($kind, $line->sku),
        };
    }

    /** A part that says that it has nothing, where the product has something, says so. */
    private function said(DetailKind $kind, Sku $sku): string
    {
        $said = $this->product->said($kind, $sku);

        return $said === '' && $this->product->state->details->details->whole($kind) !== '' ? 'none' : $said;
    }

    private function swatch(string $axis, SheetLine $line): string
    {
        $valueId = isset($this->axes[$axis]) ? $line->cell->value($this->axes[$axis]->id) : null;
        $swatch = $valueId === null ? null : $this->product->library->swatches->of($valueId);

        return $swatch === null ? '' : $this->swatchSaid($swatch);
    }

    /** Its colors, its pattern with them, or the file of the product's picture that it is a piece of. */
    private function swatchSaid(Swatch $swatch): string
    {
        $photoId = $swatch->piece?->photoId;
        foreach ($photoId === null ? [] : $this->product->state->pictures as $picture) {
            if ($picture->photoId === $photoId) {
                return $picture->file;
            }
        }

        return ($swatch->tile === null ? '' : "{$swatch->tile->value}:") . $swatch->hex();
    }
}
