<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Brick\Math\BigDecimal;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchPiece;
use Core\Color\Swatches\Tile;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Planning\SleepingAxis;
use Core\Matrix\Value;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Product\OwnAxis;

/** Reads what a document says of axes and values. */
final readonly class DocumentAxes
{
    /** @param  list<Fields>  $axes */
    public function __construct(private array $axes, private DocumentNames $names) {}

    /** @return list<Axis> those that the product has at the moment */
    public function awake(): array
    {
        return array_map($this->axis(...), $this->those(isAsleep: false));
    }

    /** @return list<SleepingAxis> those that it had */
    public function asleep(): array
    {
        return array_map($this->sleepingAxis(...), $this->those(isAsleep: true));
    }

    /** @return list<Fields> */
    private function those(bool $isAsleep): array
    {
        return array_values(array_filter($this->axes, fn(Fields $axis): bool => $axis->isTrue('asleep') === $isAsleep));
    }

    /** @return array<int, OwnAxis> by axis id */
    public function ownAxes(): array
    {
        $own = [];
        foreach ($this->axes as $axis) {
            $own[$this->names->axis($axis)->id] = $this->ownAxis($axis);
        }

        return array_filter($own, fn(OwnAxis $axis): bool => !$axis->isNone());
    }

    /** @return array<int, int> by axis id */
    public function openings(): array
    {
        $openings = [];
        foreach ($this->axes as $axis) {
            if ($axis->textOrNone('opens_with') !== null) {
                $openings[$this->names->axis($axis)->id] = $this->names->value($axis, $axis, 'opens_with')->id;
            }
        }

        return $openings;
    }

    /** @return array<int, string> by value id */
    public function sleepingLabels(): array
    {
        $labels = [];
        foreach ($this->axes as $axis) {
            foreach ($axis->all('values') as $value) {
                $label = $value->textOrNone('label');
                if ($label !== null && ($axis->isTrue('asleep') || $value->isTrue('asleep'))) {
                    $labels[$this->names->value($axis, $value, 'value')->id] = $label;
                }
            }
        }

        return $labels;
    }

    /** @return array<int, Swatch> by value id; of a picture that is not here its colors alone */
    public function swatches(): array
    {
        $swatches = [];
        foreach ($this->axes as $axis) {
            foreach ($axis->all('values') as $value) {
                $swatch = $value->fieldsOrNone('swatch');
                if ($swatch !== null) {
                    $swatches[$this->names->value($axis, $value, 'value')->id] = $this->swatch($swatch);
                }
            }
        }

        return $swatches;
    }

    /** @return array<int, Adjustment> by value id */
    public function adjustments(Currency $currency): array
    {
        $adjustments = [];
        foreach ($this->axes as $axis) {
            foreach ($axis->all('values') as $value) {
                $percent = $value->textOrNone('adds_percent');
                $adds = new Adjustment(
                    $value->money('adds', $currency),
                    $percent === null
                        ? null
                        : $value->reading('adds_percent', fn(): BigDecimal => Adjustment::percentage($percent)),
                );
                if ($adds->amount !== null || $adds->percent !== null) {
                    $adjustments[$this->names->value($axis, $value, 'value')->id] = $adds;
                }
            }
        }

        return $adjustments;
    }

    private function axis(Fields $fields): Axis
    {
        $known = $this->names->axis($fields);
        $own = $this->ownAxis($fields);
        $values = $asleep = [];
        foreach ($fields->all('values') as $value) {
            $here = $this->names->value($fields, $value, 'value');
            if ($value->isTrue('asleep')) {
                $asleep[] = $here->id;
            } else {
                $values[] = new Value($here->id, $value->textOrNone('label') ?? $here->label, $here->code);
            }
        }

        return new Axis(
            $known->id,
            $known->name,
            $known->kind,
            $values,
            $own->changesPicture ?? $known->changesPicture,
            $own->display ?? $known->display,
            $asleep,
        );
    }

    private function sleepingAxis(Fields $fields): SleepingAxis
    {
        $known = $this->names->axis($fields);
        $stands = $fields->textOrNone('stands_at') === null ? null : $this->names->value($fields, $fields, 'stands_at');
        $placed = $asleep = [];
        $label = '';
        foreach ($fields->all('values') as $value) {
            $here = $this->names->value($fields, $value, 'value');
            $value->isTrue('asleep') ? ($asleep[] = $here->id) : ($placed[] = $here->id);
            $label = $here->id === $stands?->id ? $value->textOrNone('label') ?? $here->label : $label;
        }

        return new SleepingAxis(
            $known->id,
            $placed,
            $stands?->id,
            $asleep,
            $known->name,
            $label,
            $this->ownAxis($fields)->changesPicture ?? $known->changesPicture,
        );
    }

    private function ownAxis(Fields $fields): OwnAxis
    {
        $display =
            $fields->textOrNone('own_display') === null ? null : $fields->case('own_display', AxisDisplay::class);

        return new OwnAxis($fields->isTrueOrNone('own_changes_picture'), $display);
    }

    private function swatch(Fields $fields): Swatch
    {
        $plain = $fields->reading(
            'colors',
            fn(): Swatch => Swatch::of(...array_map(Srgb::fromHex(...), $fields->texts('colors'))),
        );
        if ($fields->textOrNone('pattern') !== null) {
            return $plain->inTile($fields->case('pattern', Tile::class));
        }
        $checksum = $fields->textOrNone('picture');
        $photoId = $checksum === null ? null : $this->names->photo($checksum, 'picture of a swatch');

        return $photoId === null ? $plain : $plain->cutFrom(new SwatchPiece($photoId, $fields->text('frame')));
    }
}
