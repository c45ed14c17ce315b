<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\CodePatternRecord;
use App\Models\Product;
use Core\Codes\CodeClash;
use Core\Codes\CodeParts;
use Core\Codes\CodePattern;
use Core\Codes\PlannedCodes;
use Core\Codes\SkuCodes;

/** Puts the question which codes SKUs get to the core, with what the catalog has already. */
final class CodePlanner
{
    public function __construct(private readonly TakenCodes $taken)
    {
    }

    /** By which a product's codes are made. */
    public function patternOf(Product $product): CodePattern
    {
        return $product->code_pattern_id === null ? CodePattern::usual() : CodePatternRecord::query()->findOrFail($product->code_pattern_id)->toCore();
    }

    /**
     * Where a code is not free, the one that is proposed is.
     *
     * @param  list<CodeParts>  $parts
     * @param  array<string, string>  $chosen  wanted code => the one that somebody chose in its place
     * @param  bool  $isShared  whether the product, having no axes, may share its code with its SKU
     * @param  list<int>  $exceptSkuIds  whose codes are free, as they get others
     */
    public function plan(Product $product, CodePattern $pattern, array $parts, array $chosen, bool $isShared, array $exceptSkuIds = []): PlannedCodes
    {
        $codes = new SkuCodes($pattern);
        $sharingId = $isShared ? $product->id : null;
        $numbers = $this->numbers($product, $pattern, $parts);
        // What is wanted without regard to what others have: its clashes are with itself only.
        $free = $codes->forCells($product->code, $parts, [], $chosen, $numbers);
        $asked = [...array_values($free->codes), ...array_map(fn (CodeClash $clash): string => $clash->tried, $free->clashes)];
        $taken = [];
        do {
            $taken += $this->taken->among($asked, $sharingId, $exceptSkuIds);
            $planned = $codes->forCells($product->code, $parts, $taken, $chosen, $numbers);
            $asked = array_values(array_diff(array_map(fn (CodeClash $clash): string => $clash->proposal, $planned->clashes), $asked));
            $found = $asked === [] ? [] : $this->taken->among($asked, null, $exceptSkuIds);
            $taken += $found;
        } while ($found !== []);

        return $planned;
    }

    /**
     * @param  list<CodeParts>  $parts
     * @return array<string, int> what stands before and behind a running number, with a line break between => the next that is free
     */
    private function numbers(Product $product, CodePattern $pattern, array $parts): array
    {
        $number = $pattern->number();
        if ($number === null) {
            return [];
        }
        $around = [];
        foreach ($parts as $part) {
            $sides = $pattern->around($product->code, $part);
            $around[implode("\n", $sides)] = $sides;
        }

        return array_map(fn (int $highest): int => max((int) $number->text, $highest + 1), $this->taken->highestNumbers($around));
    }
}
