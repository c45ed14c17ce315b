<?php

declare(strict_types=1);

namespace Core\Product\Difference;

use Core\Gallery\Crop;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Reach;
use Core\Reach\Wording;

/** Says a difference in words. */
final class DifferenceWording
{
    private const NAMED = 12;

    /** @return list<Remark> none where there is none */
    public function remarks(Difference $difference): array
    {
        $before = $difference->before->matrix;
        $after = $difference->after->matrix;

        return [
            ...$this->details($difference),
            ...$this->axes($before, $after),
            ...$this->look($difference),
            ...$this->leftOut($before, $after),
            ...$this->skus($difference, $before, $after),
            ...$this->pictures($difference, $before, $after),
        ];
    }

    /** "name, price, axes, 12 SKUs, 3 pictures": what a change was about. */
    public function summary(Difference $difference): string
    {
        $count = fn(int $count, string $one, string $many): string => $count === 1
            ? "1 {$one}"
            : number_format($count) . " {$many}";
        $parts = [
            ...array_unique(
                array_map(fn(DetailDifference $detail): string => lcfirst($detail->name), $difference->details),
            ),
            $difference->changesOpening ? 'what shoppers see first' : '',
            $difference->changesLook ? 'swatches and how shoppers choose' : '',
            $difference->changesShape ? 'axes' : '',
            $difference->skus === [] ? '' : $count(count($difference->skus), 'SKU', 'SKUs'),
            $difference->pictures === [] ? '' : $count(count($difference->pictures), 'picture', 'pictures'),
            $difference->isReordered ? 'order of pictures' : '',
        ];

        return implode(', ', array_filter($parts, fn(string $part): bool => $part !== ''));
    }

    /** @return list<Remark> */
    private function details(Difference $difference): array
    {
        $remarks = [];
        foreach ($difference->details as $detail) {
            $remarks[] = new Remark(
                Section::Details,
                "{$detail->name}: {$this->fromTo($detail->before, $detail->after)}",
            );
        }
        foreach (
            $difference->changesOpening
                ? array_column([...$difference->before->matrix->axes, ...$difference->after->matrix->axes], null, 'id')
                : []
            as $axis
        ) {
            $label = fn(ProductState $state): string => $state->matrix
                ->axis($axis->id)
                ?->value($state->details->openings[$axis->id] ?? 0)->label ?? '';
            if ($label($difference->before) !== $label($difference->after)) {
                $remarks[] = new Remark(
                    Section::Details,
                    "Opens with {$axis->name}: {$this->fromTo(
                        $label($difference->before),
                        $label($difference->after),
                    )}",
                );
            }
        }
        $cell = fn(ProductState $state): string => $state->details->openingCell === null
            ? ''
            : $state->matrix->inWords($state->details->openingCell);
        if ($cell($difference->before) !== $cell($difference->after)) {
            $remarks[] = new Remark(
                Section::Details,
                "Opens with the SKU: {$this->fromTo($cell($difference->before), $cell($difference->after))}",
            );
        }

        return $remarks;
    }

    /** @return list<Remark> */
    private function axes(Matrix $before, Matrix $after): array
    {
        $remarks = [];
        $say = function (string $words) use (&$remarks): void {
            $remarks[] = new Remark(Section::Axes, $words);
        };
        foreach ($after->axes as $axis) {
            $old = $before->axis($axis->id);
            if ($old === null) {
                $say("{$axis->name} is new, with {$this->labels($axis->values)}");

                continue;
            }
            $added = array_filter($axis->values, fn(Value $value): bool => !$old->has($value->id));
            $removed = array_filter($old->values, fn(Value $value): bool => !$axis->has($value->id));
            if ($added !== []) {
                $say("{$axis->name} has {$this->labels($added)} more");
            }
            if ($removed !== []) {
                $say("{$axis->name} has no {$this->labels($removed)} any more");
            }
            foreach ($axis->values as $value) {
                $was = $old->value($value->id);
                if ($was !== null && $was->label !== $value->label) {
                    $say("{$axis->name} {$was->label} is called {$value->label}");
                }
            }
            if ($this->shared($old, $axis) !== $this->shared($axis, $old)) {
                $say("{$axis->name} stands in another order: {$this->labels($axis->values)}");
            }
        }
        foreach ($before->axes as $axis) {
            if ($after->axis($axis->id) === null) {
                $say("{$axis->name} is gone; it had {$this->labels($axis->values)}");
            }
        }

        return $remarks;
    }

    /** @return list<Remark> of axes and values that both have */
    private function look(Difference $difference): array
    {
        [$old, $new] = [$difference->before->details, $difference->after->details];
        $remarks = [];
        foreach ($difference->changesLook ? $difference->after->matrix->axes : [] as $axis) {
            $was = ($old->ownAxes[$axis->id] ?? null)?->inWords() ?? '';
            $is = ($new->ownAxes[$axis->id] ?? null)?->inWords() ?? '';
            if ($was !== $is) {
                $remarks[] = new Remark(Section::Axes, "{$axis->name} of its own: {$this->fromTo($was, $is)}");
            }
            foreach ($axis->values as $value) {
                $was = ($old->ownSwatches[$value->id] ?? null)?->inWords() ?? '';
                $is = ($new->ownSwatches[$value->id] ?? null)?->inWords() ?? '';
                if ($was !== $is) {
                    $remarks[] = new Remark(
                        Section::Axes,
                        "Swatch of its own for {$axis->name} {$value->label}: {$this->fromTo($was, $is)}",
                    );
                }
            }
        }

        return $remarks;
    }

    /** @return list<Remark> */
    private function leftOut(Matrix $before, Matrix $after): array
    {
        $old = Reach::leftOutNow($before);
        $new = Reach::leftOutNow($after);
        if ($old->equals($new)) {
            return [];
        }
        $say = fn(Reach $rules, Matrix $matrix): string => $rules->isNothing()
            ? ''
            : (new Wording())->say($rules, $matrix);

        return [new Remark(Section::Axes, 'Left out: ' . $this->fromTo($say($old, $before), $say($new, $after)))];
    }

    /**
     * SKUs that changed in the same way are said together.
     *
     * @return list<Remark>
     */
    private function skus(Difference $difference, Matrix $before, Matrix $after): array
    {
        $codes = [];
        foreach ($difference->skus as $sku) {
            $parts = match (true) {
                $sku->before === null => ['new: ' . $this->place($sku->after, $after)],
                $sku->after === null => ['not made yet'],
                default => $this->changes($sku, $before, $after),
            };
            $codes[implode(', ', $parts)][] = $sku->after->code ?? ($sku->before->code ?? '');
        }
        $remarks = [];
        foreach ($codes as $words => $alike) {
            $more = count($alike) - self::NAMED;
            $remarks[] = new Remark(
                Section::Skus,
                count($alike) === 1
                    ? "{$alike[0]} {$words}"
                    : count($alike) .
                        " SKUs {$words}: " .
                        implode(', ', array_slice($alike, 0, self::NAMED)) .
                        ($more > 0 ? " and {$more} more" : ''),
            );
        }

        return $remarks;
    }

    /** @return list<string> */
    private function changes(SkuDifference $sku, Matrix $before, Matrix $after): array
    {
        $parts = [];
        if ($sku->changesState()) {
            $parts[] = $sku->after?->isMade() === true ? 'on offer again' : 'retired';
        }
        if ($sku->isMoved()) {
            $parts[] = 'from ' . $this->place($sku->before, $before) . ' to ' . $this->place($sku->after, $after);
        }
        foreach ($sku->numbers() as $what => [$was, $is]) {
            $parts[] = "{$what} {$this->fromTo($was, $is)}";
        }

        return $parts;
    }

    /** @return list<Remark> */
    private function pictures(Difference $difference, Matrix $before, Matrix $after): array
    {
        $remarks = [];
        $wording = new Wording();
        foreach ($difference->pictures as $picture) {
            $old = $picture->before;
            $new = $picture->after;
            $parts = [];
            if ($old === null || $new === null) {
                $parts[] = $new !== null ? 'new, ' . $wording->say($new->reach, $after) : 'not in the product';
            } else {
                if ($old->photoId !== $new->photoId) {
                    $parts[] =
                        $old->file === $new->file
                            ? 'another file of that name'
                            : "another file in the place of {$old->file}";
                }
                foreach (
                    [
                        ['linked to', ...$this->reaches($old->reach, $before, $new->reach, $after)],
                        ['hidden from', ...$this->reaches($old->hidden, $before, $new->hidden, $after)],
                        ['view', $old->view->name ?? '', $new->view->name ?? ''],
                        ['roles', $this->roles($old), $this->roles($new)],
                        ['alt text', $old->altText, $new->altText],
                        ['focus', $this->focus($old), $this->focus($new)],
                    ]
                    as [$what, $was, $is]
                ) {
                    if ($was !== $is) {
                        $parts[] = "{$what} {$this->fromTo($was, $is)}";
                    }
                }
            }
            if ($parts !== []) {
                $remarks[] = new Remark(
                    Section::Pictures,
                    ($new->file ?? ($old->file ?? '')) . ': ' . implode(', ', $parts),
                );
            }
        }
        if ($difference->isReordered) {
            $remarks[] = new Remark(
                Section::Pictures,
                'The pictures stand in another order: ' .
                    implode(
                        ', ',
                        array_map(fn(Placement $picture): string => $picture->file, $difference->after->pictures),
                    ),
            );
        }

        return $remarks;
    }

    /** @return array{string, string} in words, alike where only names are others */
    private function reaches(Reach $old, Matrix $before, Reach $new, Matrix $after): array
    {
        if ($old->activeIn($before)->equals($new->activeIn($after))) {
            return ['', ''];
        }
        $say = fn(Reach $reach, Matrix $matrix): string => $reach->activeIn($matrix)->isNothing()
            ? ''
            : (new Wording())->say($reach, $matrix);

        return [$say($old, $before), $say($new, $after)];
    }

    private function focus(Placement $placement): string
    {
        $crop = Crop::fromKey($placement->crop);

        return $crop->isMiddle()
            ? ''
            : round($crop->x / 10) .
                    ' % across, ' .
                    round($crop->y / 10) .
                    ' % down' .
                    ($crop->width < 1000 || $crop->height < 1000 ? ' in a part of it' : '');
    }

    private function roles(Placement $placement): string
    {
        return implode(', ', array_map(fn(Role $role): string => $role->label(), $placement->roles));
    }

    private function place(?Sku $sku, Matrix $matrix): string
    {
        $choice = $sku === null ? [] : $matrix->choice($sku->cell);

        return $choice === [] ? 'the whole product' : implode(', ', $choice);
    }

    /** @return list<int> the values that both have, in the order of the first */
    private function shared(Axis $axis, Axis $other): array
    {
        return array_values(array_filter($axis->valueIds(), $other->has(...)));
    }

    /** @param  array<Value>  $values */
    private function labels(array $values): string
    {
        return implode(', ', array_map(fn(Value $value): string => $value->label, $values));
    }

    private function fromTo(string $old, string $new): string
    {
        return ($old === '' ? 'none' : $old) . ' → ' . ($new === '' ? 'none' : $new);
    }
}
