<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Changes\Details\ProductText;
use Core\Changes\Matrix\SizesInOrder;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\Fact;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Pricing\Money;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Simplifier;

/**
 * Puts products together into one: SKUs keep all that is theirs, pictures show where they came from, what is said the
 * same of all is the product's, and what differs is said of the parts.
 */
final readonly class ProductCombiner
{
    /**
     * @param  non-empty-list<CombinedPart>  $parts  the first gives what is said once where they differ
     * @param  list<Axis>  $newAxes  that tell the parts apart
     *
     * @throws CombineConflict
     */
    public function combine(array $parts, array $newAxes, string $name, string $code): Combined
    {
        if (count($parts) < 2) {
            throw CombineConflict::tooFew();
        }
        $this->refuseDifferent($parts, $newAxes);
        $axes = [...$newAxes, ...$this->ownAxes($parts)];
        $plain = Matrix::of($axes);
        $skus = $this->skus($parts, $plain);
        $made = array_values(array_filter($skus, fn(Sku $sku): bool => $sku->isMade() && $plain->isCell($sku->cell)));
        [$matrix, $holes] = $this->withoutHoles($plain, $made);
        [$details, $remarks] = $this->details($parts, $matrix, $name, $code);
        [$details, $skus] = $this->priced($parts, $details, $skus);

        return new Combined(
            new ProductState($details, $matrix, $skus, CombinedPictures::of($parts, $matrix)),
            $remarks,
            $holes,
        );
    }

    /**
     * @param  non-empty-list<CombinedPart>  $parts
     * @param  list<Axis>  $newAxes
     */
    private function refuseDifferent(array $parts, array $newAxes): void
    {
        $first = $parts[0]->product;
        foreach ($parts as $part) {
            $own = $part->product;
            $name = $own->state->details->name;
            foreach ($newAxes as $axis) {
                if ($own->matrix->axis($axis->id) !== null) {
                    throw CombineConflict::hasAxis($name, $axis->name);
                }
            }
            foreach ([[$first, $own], [$own, $first]] as [$one, $other]) {
                foreach ($one->matrix->axes as $axis) {
                    if ($other->matrix->axis($axis->id) === null) {
                        throw CombineConflict::lacksAxis($other->state->details->name, $axis->name);
                    }
                }
            }
            if (!$own->state->details->currency->is($first->state->details->currency)) {
                throw CombineConflict::differsIn('currency', $first->state->details->name, $name);
            }
            $isApart = in_array($own->book->counting, [Counting::Sku, Counting::None], true);
            if ($own->book->counting !== $first->book->counting || !$isApart) {
                throw CombineConflict::differsIn(
                    'what their stock is counted for',
                    $first->state->details->name,
                    $name,
                );
            }
        }
    }

    /**
     * @param  non-empty-list<CombinedPart>  $parts
     * @return list<Axis> with the values of all parts
     */
    private function ownAxes(array $parts): array
    {
        $axes = [];
        foreach ($parts[0]->product->matrix->axes as $axis) {
            $values = [];
            foreach ($parts as $part) {
                foreach ($part->product->matrix->axis($axis->id)->values ?? [] as $value) {
                    $values[$value->id] ??= $value;
                }
            }
            $axes[] = $axis->with(
                $axis->kind === AxisKind::Size ? SizesInOrder::of(array_values($values)) : array_values($values),
            );
        }

        return $axes;
    }

    /**
     * @param  non-empty-list<CombinedPart>  $parts
     * @return list<Sku>
     */
    private function skus(array $parts, Matrix $matrix): array
    {
        $skus = $taken = [];
        foreach ($parts as $part) {
            foreach ($part->product->state->skus as $sku) {
                $combination = $this->at($sku->combination, $part);
                $cell = $matrix->place($combination) ?? $combination;
                if ($sku->isMade()) {
                    $other = $taken[$cell->key] ?? null;
                    if ($other !== null) {
                        throw CombineConflict::inOneCell($matrix->inWords($cell), [$other, $sku->code]);
                    }
                    $taken[$cell->key] = $sku->code;
                }
                $skus[] = $sku->placed($cell, $combination, $sku->state, $sku->retiredAt);
            }
        }

        return $skus;
    }

    private function at(Combination $combination, CombinedPart $part): Combination
    {
        foreach ($part->values as $axisId => $valueId) {
            $combination = $combination->with($axisId, $valueId);
        }

        return $combination;
    }

    /**
     * @param  list<Sku>  $made
     * @return array{Matrix, int}
     */
    private function withoutHoles(Matrix $matrix, array $made): array
    {
        $standing = array_fill_keys(array_map(fn(Sku $sku): string => $sku->cell->key, $made), true);
        $all = $matrix->combinations();
        $holes = array_values(array_filter($all, fn(Combination $cell): bool => !isset($standing[$cell->key])));
        $rules = $holes === [] ? Reach::nothing() : (new Simplifier())->fromCells($holes, $all, $matrix);

        return [Matrix::of($matrix->axes, $rules), count($holes)];
    }

    /** Where a part lies in the product. */
    private function clause(CombinedPart $part): Clause
    {
        return Clause::of(array_map(fn(int $valueId): array => [$valueId], $part->values));
    }

    /**
     * What is said of the product, and what of the parts could not be kept.
     *
     * @param  non-empty-list<CombinedPart>  $parts
     * @return array{ProductDetails, list<string>}
     */
    public function details(array $parts, Matrix $matrix, string $name, string $code): array
    {
        $first = $parts[0]->product->state->details;
        $remarks = [];
        $said = ['name' => $name, 'code' => $code];
        foreach ([ProductText::Description, ProductText::Brand, ProductText::Category] as $text) {
            [$kept, $remark] = $this->saidOnce(
                $parts,
                $text->value,
                fn(ProductDetails $own): string => $text->of($own),
            );
            $said[$text->value] = $kept;
            array_push($remarks, ...$remark);
        }
        [$facts, $remark] = $this->facts($parts);
        array_push($remarks, ...$remark);
        $swatches = [];
        foreach ($parts as $part) {
            $swatches += $part->product->state->details->ownSwatches;
        }
        [$details, $remark] = $this->saidOfParts($parts, $matrix);
        array_push($remarks, ...$remark);

        return [
            $first
                ->with($said)
                ->with([
                    'facts' => $facts,
                    'openings' => [],
                    'openingCell' => null,
                    'ownSwatches' => $swatches,
                ])
                ->saying($details),
            $remarks,
        ];
    }

    /**
     * @param  non-empty-list<CombinedPart>  $parts
     * @param  callable(ProductDetails): string  $say
     * @return array{string, list<string>}
     */
    private function saidOnce(array $parts, string $what, callable $say): array
    {
        $texts = [];
        foreach ($parts as $part) {
            $text = $say($part->product->state->details);
            if ($text !== '') {
                $texts[$text] ??= $part->product->state->details->code;
            }
        }
        $kept = (string) array_key_first($texts);

        return [$kept, count($texts) < 2 ? [] : ["They differ in {$what}: that of {$texts[$kept]} is kept."]];
    }

    /**
     * @param  non-empty-list<CombinedPart>  $parts
     * @return array{list<Fact>, list<string>}
     */
    private function facts(array $parts): array
    {
        $facts = $remarks = [];
        foreach ($parts as $at => $part) {
            foreach ($part->product->state->details->facts as $fact) {
                $known = Fact::named($facts, $fact->name);
                if ($known === null) {
                    $facts[] =
                        $at === 0
                            ? $fact
                            : new Fact(0, $fact->name, $fact->value, $fact->kind, $fact->unit, $fact->isShown);
                } elseif ($known->whole() !== $fact->whole()) {
                    $remarks[$fact->name] = "They differ in the fact {$fact->name}: “{$known->whole()}” is kept.";
                }
            }
        }

        return [$facts, array_values($remarks)];
    }

    /**
     * What all of them say is said of the product, what differs of the part.
     *
     * @param  non-empty-list<CombinedPart>  $parts
     * @return array{Details, list<string>}
     */
    private function saidOfParts(array $parts, Matrix $matrix): array
    {
        $details = new Details();
        $remarks = [];
        foreach (DetailKind::cases() as $kind) {
            $wholes = array_map(
                fn(CombinedPart $part): string => $part->product->state->details->details->whole($kind),
                $parts,
            );
            $isAlike = count(array_unique($wholes)) === 1;
            if ($kind->isOfProduct()) {
                $some = array_values(array_filter($wholes, fn(string $text): bool => $text !== ''));
                $details = $details->withWhole($kind, $some[0] ?? '');
                if (count(array_unique($some)) > 1) {
                    $remarks[] = "They differ in {$kind->label()}: “{$some[0]}” is kept.";
                }

                continue;
            }
            $details = $isAlike ? $details->withWhole($kind, $wholes[0]) : $details;
            foreach ($parts as $at => $part) {
                $where = Reach::of($this->clause($part));
                if (!$isAlike && $wholes[$at] !== '') {
                    $details = $details->with($kind, $where, $wholes[$at], $matrix);
                }
                foreach ($part->product->state->details->details->parts($kind) as $own) {
                    $details = $details->with($kind, $own->reach->cut($where), $own->text, $matrix);
                }
            }
        }

        return [$details, $remarks];
    }

    /**
     * Every SKU costs what it cost: what most of them cost is the base price, unless all parts have the same rules.
     *
     * @param  non-empty-list<CombinedPart>  $parts
     * @param  list<Sku>  $skus
     * @return array{ProductDetails, list<Sku>}
     */
    private function priced(array $parts, ProductDetails $details, array $skus): array
    {
        $first = $parts[0]->product->state->details;
        $isAlike = true;
        $prices = $counts = [];
        foreach ($parts as $part) {
            $own = $part->product->state->details;
            $isAlike =
                $isAlike &&
                ($own->basePrice?->shown() ?? '') === ($first->basePrice?->shown() ?? '') &&
                $own->adjustments == $first->adjustments;
            foreach ($part->product->state->skus as $sku) {
                $prices[$sku->id] = $part->product->price($sku);
                $shown = $prices[$sku->id]?->shown() ?? '';
                $counts[$shown] = ($counts[$shown] ?? 0) + ($sku->isMade() && $shown !== '' ? 1 : 0);
            }
        }
        if ($isAlike) {
            return [$details, $skus];
        }
        arsort($counts);
        $usual = (string) array_key_first($counts);
        $base = $usual === '' ? null : Money::of($usual, $first->currency);

        return [
            $details->pricedBy($base, []),
            array_map(
                fn(Sku $sku): Sku => $sku->priceOf(
                    ($prices[$sku->id] ?? null)?->shown() === $base?->shown() ? null : $prices[$sku->id] ?? null,
                ),
                $skus,
            ),
        ];
    }
}
