<?php

declare(strict_types=1);

namespace Core\Catalog;

use Core\Gallery\Placement;
use Core\Gallery\Role;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Reach\Reach;
use Core\Reach\Wording;

/** Says what is different between two states of a product, the earlier first. */
final class Comparison
{
    private const NAMED = 12;

    /** @return list<Difference> none where the two are the same */
    public function between(ProductState $before, ProductState $after): array
    {
        return [
            ...$this->details($before, $after),
            ...$this->axes($before->matrix, $after->matrix),
            ...$this->leftOut($before->matrix, $after->matrix),
            ...$this->skus($before, $after),
            ...$this->pictures($before, $after),
        ];
    }

    /** @return list<Difference> */
    private function details(ProductState $before, ProductState $after): array
    {
        $differences = [];
        foreach (array_keys($before->details + $after->details) as $name) {
            $old = $before->details[$name] ?? '';
            $new = $after->details[$name] ?? '';
            if ($old !== $new) {
                $differences[] = new Difference(Section::Details, "{$name}: {$this->fromTo($old, $new)}");
            }
        }

        return $differences;
    }

    /** @return list<Difference> */
    private function axes(Matrix $before, Matrix $after): array
    {
        $differences = [];
        $say = function (string $words) use (&$differences): void {
            $differences[] = new Difference(Section::Axes, $words);
        };
        foreach ($after->axes as $axis) {
            $old = $before->axis($axis->id);
            if ($old === null) {
                $say("{$axis->name} is new, with {$this->labels($axis->values)}");

                continue;
            }
            $added = array_filter($axis->values, fn (Value $value): bool => ! $old->has($value->id));
            $removed = array_filter($old->values, fn (Value $value): bool => ! $axis->has($value->id));
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

        return $differences;
    }

    /** @return list<Difference> */
    private function leftOut(Matrix $before, Matrix $after): array
    {
        $old = Reach::leftOutNow($before);
        $new = Reach::leftOutNow($after);
        if ($old->equals($new)) {
            return [];
        }
        $say = fn (Reach $rules, Matrix $matrix): string => $rules->isNothing() ? '' : (new Wording())->say($rules, $matrix);

        return [new Difference(Section::Axes, 'Left out: '.$this->fromTo($say($old, $before), $say($new, $after)))];
    }

    /**
     * SKUs that changed in the same way are said together.
     *
     * @return list<Difference>
     */
    private function skus(ProductState $before, ProductState $after): array
    {
        $codes = [];
        foreach ($before->skus + $after->skus as $id => $any) {
            $old = $before->skus[$id] ?? null;
            $new = $after->skus[$id] ?? null;
            $parts = match (true) {
                $old === null => ['new: '.$this->place($new ?? $any, $after->matrix)],
                $new === null => ['not made yet'],
                default => $this->changes($old, $new, $before->matrix, $after->matrix),
            };
            if ($parts !== []) {
                $codes[implode(', ', $parts)][] = $new->code ?? $any->code;
            }
        }
        $differences = [];
        foreach ($codes as $words => $alike) {
            $more = count($alike) - self::NAMED;
            $differences[] = new Difference(Section::Skus, count($alike) === 1
                ? "{$alike[0]} {$words}"
                : count($alike)." SKUs {$words}: ".implode(', ', array_slice($alike, 0, self::NAMED)).($more > 0 ? " and {$more} more" : ''));
        }

        return $differences;
    }

    /** @return list<string> */
    private function changes(ComparedSku $old, ComparedSku $new, Matrix $before, Matrix $after): array
    {
        $parts = [];
        if ($old->isMade !== $new->isMade) {
            $parts[] = $new->isMade ? 'on offer again' : 'retired';
        }
        if ($old->cell->key !== $new->cell->key) {
            $parts[] = 'from '.$this->place($old, $before).' to '.$this->place($new, $after);
        }
        foreach ([['code', $old->code, $new->code], ['price', $old->price, $new->price], ['stock', (string) ($old->stock ?? 'not counted'), (string) ($new->stock ?? 'not counted')]] as [$what, $was, $is]) {
            if ($was !== $is) {
                $parts[] = "{$what} {$this->fromTo($was, $is)}";
            }
        }

        return $parts;
    }

    /** @return list<Difference> */
    private function pictures(ProductState $before, ProductState $after): array
    {
        $differences = [];
        $wording = new Wording();
        foreach ($before->placements + $after->placements as $id => $any) {
            $old = $before->placements[$id] ?? null;
            $new = $after->placements[$id] ?? null;
            $parts = [];
            if ($old === null || $new === null) {
                $parts[] = $old === null ? 'new, '.$wording->say($any->reach, $after->matrix) : 'not in the product';
            } else {
                foreach ([
                    ['linked to', ...$this->reaches($old->reach, $before->matrix, $new->reach, $after->matrix)],
                    ['hidden from', ...$this->reaches($old->hidden, $before->matrix, $new->hidden, $after->matrix)],
                    ['view', $old->view->value ?? '', $new->view->value ?? ''],
                    ['roles', $this->roles($old), $this->roles($new)],
                    ['alt text', $old->altText, $new->altText],
                ] as [$what, $was, $is]) {
                    if ($was !== $is) {
                        $parts[] = "{$what} {$this->fromTo($was, $is)}";
                    }
                }
            }
            if ($parts !== []) {
                $differences[] = new Difference(Section::Pictures, "{$any->file}: ".implode(', ', $parts));
            }
        }
        $both = fn (array $own, array $other): array => array_keys(array_intersect_key($own, $other));
        if ($both($before->placements, $after->placements) !== $both($after->placements, $before->placements)) {
            $differences[] = new Difference(Section::Pictures, 'The pictures stand in another order: '.implode(', ', array_map(fn (Placement $placement): string => $placement->file, array_values($after->placements))));
        }

        return $differences;
    }

    /** @return array{string, string} in words, alike where only names are others */
    private function reaches(Reach $old, Matrix $before, Reach $new, Matrix $after): array
    {
        if ($old->activeIn($before)->equals($new->activeIn($after))) {
            return ['', ''];
        }
        $say = fn (Reach $reach, Matrix $matrix): string => $reach->activeIn($matrix)->isNothing() ? '' : (new Wording())->say($reach, $matrix);

        return [$say($old, $before), $say($new, $after)];
    }

    private function roles(Placement $placement): string
    {
        return implode(', ', array_map(fn (Role $role): string => $role->label(), $placement->roles));
    }

    private function place(ComparedSku $sku, Matrix $matrix): string
    {
        $choice = $matrix->choice($sku->cell);

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
        return implode(', ', array_map(fn (Value $value): string => $value->label, $values));
    }

    private function fromTo(string $old, string $new): string
    {
        return ($old === '' ? 'none' : $old).' → '.($new === '' ? 'none' : $new);
    }
}
