<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Matching\Circumstances;
use Core\Matching\DoubtKind;
use Core\Matching\Exactness;
use Core\Matching\OpenCase;
use Core\Matrix\Combination;

/**
 * Finds which product a name is of: by codes and full names, else by what the rest of the drop tells of it, else by a
 * word that no other product's name has.
 */
final readonly class ProductFinder
{
    public function __construct(private Lexicon $lexicon) {}

    public function find(NameReading $reading, Circumstances $known, OpenCase $case): ?KnownProduct
    {
        [$givenId, $presumed] = [$known->givenId ?? $known->card?->productId, $known->presumed];
        $said = [];
        foreach ([MeaningKind::Sku, MeaningKind::Gtin, MeaningKind::Product] as $kind) {
            foreach ($reading->meanings($kind) as [$understood, $meaning]) {
                $said[(int) $meaning->productId] ??= [$understood, $meaning];
            }
        }
        $id =
            $givenId ??
            ((count($said) === 1 ? array_key_first($said) : null) ?? ($said === [] ? $presumed?->productId : null));
        if ($id === null && $said !== []) {
            $id = array_key_first($said);
            $case->doubt(
                DoubtKind::ManyProducts,
                'It names more than one product: ' .
                    implode(', ', array_map(fn(array $pair): string => "“{$pair[1]->word}”", $said)) .
                    '.',
            );
        }
        $id ??= $this->byPart($reading, $known->trusted, $case);
        $isByLook = $id === null && $known->seen?->resembles !== null;
        $id ??= $known->seen?->resembles?->productId;
        $product = $id === null ? null : $this->lexicon->product($id);
        if ($product === null) {
            $case->doubt(DoubtKind::NoProduct, 'Nothing in the name is a code or the name of a product.');

            return null;
        }
        if (isset($said[$product->id])) {
            [$understood, $meaning] = $said[$product->id];
            $case->atMost($meaning->exactness->confidence());
            $case->reasons[] = match ($meaning->kind) {
                MeaningKind::Gtin => "{$understood->text()} is the GTIN of " .
                    implode(', ', [
                        $product->name,
                        ...array_values(
                            $product->matrix->choice($this->lexicon->sku((int) $meaning->skuId) ?? Combination::of([])),
                        ),
                    ]) .
                    '.',
                MeaningKind::Sku => "“{$understood->text()}” is the SKU {$meaning->word}, {$product->name}.",
                default => $meaning->exactness === Exactness::Slip
                    ? "“{$understood->text()}” is a letter away from {$meaning->word}, {$product->name}."
                    : "“{$understood->text()}” is {$product->name}.",
            };
        } elseif ($givenId === null && !$case->isByPart && !$isByLook && $presumed !== null) {
            $case->atMost($presumed->confidence);
            $case->reasons[] = $presumed->reason;
            if ($presumed->otherCode !== '') {
                $case->doubt(
                    DoubtKind::OtherProduct,
                    "“{$presumed->otherCode}” looks like a code, and is not {$product->code}.",
                );
            }
        }
        foreach ($givenId === null ? [] : $said as $otherId => [$understood, $meaning]) {
            if ($otherId !== $givenId) {
                $case->doubt(
                    DoubtKind::OtherProduct,
                    "“{$understood->text()}” is " .
                        ($this->lexicon->product($otherId)->name ?? 'another product') .
                        '.',
                );
            }
        }

        return $product;
    }

    /**
     * The only product that has all those words of names that are not codes.
     *
     * @param  list<int>  $trusted
     */
    private function byPart(NameReading $reading, array $trusted, OpenCase $case): ?int
    {
        $ids = null;
        $words = [];
        foreach ($reading->understood as $understood) {
            $own = array_map(
                fn(Meaning $meaning): int => (int) $meaning->productId,
                $understood->of(MeaningKind::Part),
            );
            if ($own !== []) {
                $ids = $ids === null ? $own : array_values(array_intersect($ids, $own));
                $words[] = "“{$understood->text()}”";
            }
        }
        if (count($ids ?? []) !== 1) {
            return null;
        }
        [$id] = $ids;
        $case->isByPart = true;
        $name = $this->lexicon->product($id)->name ?? '';
        $isTrusted = in_array($id, $trusted, true);
        $case->atMost($isTrusted ? Exactness::Synonym->confidence() : Exactness::Part->confidence());
        $case->reasons[] =
            implode(' and ', $words) .
            " stands in the name of {$name} alone" .
            ($isTrusted ? ', and all others of the drop that say so fit it.' : '.');

        return $id;
    }
}
