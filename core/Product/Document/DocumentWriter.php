<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Details\Fact;
use Core\Details\ReachedDetail;
use Core\Gallery\Coverage\Shot;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Planning\SleepingAxis;
use Core\Pricing\Adjustment;
use Core\Product\Description;
use Core\Product\OwnAxis;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Reach;

/** Writes a product by names, codes and checksums in the place of ids. */
final readonly class DocumentWriter
{
    public function __construct(private ProductState $state, private LibraryIndex $library) {}

    /**
     * @return array<string, mixed>
     *
     * @throws UnreadableDocument where the library does not know what the product uses
     */
    public function write(): array
    {
        $details = $this->state->details;
        $places = array_flip(array_map(fn(Placement $picture): int => $picture->id, $this->state->pictures));

        return [
            'format' => ProductDocument::FORMAT,
            'version' => ProductDocument::VERSION,
            'code' => $details->code,
            'name' => $details->name,
            'description' => (new Description($details->description))->renamed(
                fn(int $id): string => Description::place(($places[$id] ?? -1) + 1),
            ),
            'brand' => $details->brand,
            'category' => $details->category,
            'currency' => $details->currency->code,
            'price' => $details->basePrice?->shown(),
            'shot_list' => $details->shotList?->name,
            'shots' => array_map(
                fn(Shot $shot): array => [
                    'view' => $shot->view->key,
                    'need' => $shot->need->value,
                    'reason' => $shot->reason,
                ],
                $details->shots,
            ),
            'code_pattern' => $details->codePattern?->name,
            'axes' => array_map($this->axis(...), [
                ...$this->state->matrix->axes,
                ...array_values($this->state->matrix->sleeping),
            ]),
            'left_out' => $this->reach(Reach::leftOutOf($this->state->matrix)),
            'opening' => $details->openingCell === null ? null : $this->choice($details->openingCell),
            'skus' => array_map($this->sku(...), $this->state->skus),
            'pictures' => array_map($this->picture(...), $this->state->pictures),
            'facts' => array_map(
                fn(Fact $fact): array => [
                    'name' => $fact->name,
                    'value' => $fact->value,
                    'kind' => $fact->kind->value,
                    'unit' => $fact->unit,
                    'shown' => $fact->isShown,
                ],
                $details->facts,
            ),
            'details' => array_map(
                fn(ReachedDetail $detail): array => [
                    'kind' => $detail->kind->value,
                    'reach' => $this->reach($detail->reach),
                    'text' => $detail->text,
                ],
                $details->details->all,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function axis(Axis|SleepingAxis $axis): array
    {
        $known = $this->known($axis->id);
        $details = $this->state->details;
        $own = $details->ownAxes[$axis->id] ?? new OwnAxis();
        $opening = $details->openings[$axis->id] ?? null;
        $standsAt = $axis instanceof SleepingAxis ? $axis->standsAt : null;
        $placed = $axis instanceof Axis ? $axis->valueIds() : $axis->valueIds;

        return [
            'axis' => $known->name,
            'asleep' => $axis instanceof SleepingAxis,
            'kind' => $known->kind->value,
            'changes_picture' => $known->changesPicture,
            'display' => $known->display->value,
            'own_changes_picture' => $own->changesPicture,
            'own_display' => $own->display?->value,
            'opens_with' => $opening === null ? null : $this->valueName($axis->id, $opening),
            'stands_at' => $standsAt === null ? null : $this->valueName($axis->id, $standsAt),
            'values' => [
                ...array_map(fn(int $id): array => $this->value($axis, $id, false), $placed),
                ...array_map(fn(int $id): array => $this->value($axis, $id, true), $axis->sleeping),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function value(Axis|SleepingAxis $axis, int $id, bool $isAsleep): array
    {
        $details = $this->state->details;
        $name = $this->valueName($axis->id, $id);
        $label = ($axis instanceof Axis ? $axis->value($id)?->label : null) ?? ($details->sleepingLabels[$id] ?? $name);
        $adds = $details->adjustments[$id] ?? new Adjustment();

        return [
            'value' => $name,
            'code' => $this->known($axis->id)->value($id)->code ?? '',
            'asleep' => $isAsleep,
            'label' => $label === $name ? null : $label,
            'swatch' => isset($details->ownSwatches[$id]) ? $this->swatch($details->ownSwatches[$id]) : null,
            'adds' => $adds->amount?->shown(),
            'adds_percent' => $adds->percent === null ? null : (string) $adds->percent,
        ];
    }

    /** @return array<string, mixed> */
    private function swatch(Swatch $swatch): array
    {
        return [
            'colors' => array_map(fn(Srgb $color): string => $color->hex(), $swatch->colors),
            'pattern' => $swatch->tile?->value,
            'picture' => $swatch->piece === null ? null : $this->checksum($swatch->piece->photoId),
            'frame' => $swatch->piece->frame ?? '',
        ];
    }

    /** @return array<string, mixed> */
    private function sku(Sku $sku): array
    {
        return [
            'choice' => $this->choice($sku->combination),
            'state' => $sku->state->value,
            'code' => $sku->code,
            'typed' => $sku->isCodeTyped,
            'price' => $sku->price?->shown(),
            'stock' => $sku->stock,
            'gtin' => $sku->gtin,
            'weight_g' => $sku->weightG,
            'retired_at' => $sku->retiredAt,
        ] + ($sku->texts === [] ? [] : ['texts' => $sku->texts]);
    }

    /** @return array<string, mixed> */
    private function picture(Placement $picture): array
    {
        return [
            'file' => $picture->file,
            'sha256' => $this->checksum($picture->photoId),
            'still' => $picture->isStill,
            'reach' => $this->reach($picture->reach),
            'hidden' => $this->reach($picture->hidden),
            'view' => $picture->view?->key,
            'roles' => array_map(fn(Role $role): string => $role->value, $picture->roles),
            'alt_text' => $picture->altText,
            'crop' => $picture->crop,
        ];
    }

    /** @return object of axis name => value name */
    private function choice(Combination $combination): object
    {
        $choice = [];
        foreach ($combination->values as $axisId => $valueId) {
            $choice[$this->known($axisId)->name] = $this->valueName($axisId, $valueId);
        }

        return (object) $choice;
    }

    /** @return list<object> clauses, each of axis name => names of values; the whole product is one empty clause */
    private function reach(Reach $reach): array
    {
        return array_map(function (array $clause): object {
            $named = [];
            foreach ($clause as $axisId => $valueIds) {
                $named[$this->known($axisId)->name] = array_map(
                    fn(int $id): string => $this->valueName($axisId, $id),
                    $valueIds,
                );
            }

            return (object) $named;
        }, $reach->toArrays());
    }

    private function known(int $axisId): IndexedAxis
    {
        return $this->library->axis($axisId) ?? throw UnreadableDocument::unknownHere("an axis ({$axisId})");
    }

    private function valueName(int $axisId, int $valueId): string
    {
        $axis = $this->known($axisId);

        return $axis->value($valueId)->label ??
            throw UnreadableDocument::unknownHere("a value of {$axis->name} ({$valueId})");
    }

    private function checksum(int $photoId): string
    {
        return $this->library->checksum($photoId) ?? throw UnreadableDocument::unknownHere("a picture ({$photoId})");
    }
}
