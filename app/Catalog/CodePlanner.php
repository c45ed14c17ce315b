<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\CodePatternRecord;
use App\Models\Product;
use Core\Codes\CodeClash;
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

    /** Where a code is not free, the one that is proposed is. */
    public function plan(CodeRequest $request): PlannedCodes
    {
        $codes = new SkuCodes($request->pattern);
        $except = $request->exceptSkuIds;
        $sharingId = $request->isShared ? $request->productId : null;
        $numbers = $this->numbers($request);
        // What is wanted without regard to what others have: its clashes are with itself only.
        $free = $codes->forCells($request->productCode, $request->parts, [], $request->chosen, $numbers);
        $asked = [...array_values($free->codes), ...array_map(fn (CodeClash $clash): string => $clash->tried, $free->clashes)];
        $taken = [];
        do {
            $taken += $this->taken->among($asked, $sharingId, $except);
            $planned = $codes->forCells($request->productCode, $request->parts, $taken, $request->chosen, $numbers);
            $asked = array_values(array_diff(array_map(fn (CodeClash $clash): string => $clash->proposal, $planned->clashes), $asked));
            $found = $asked === [] ? [] : $this->taken->among($asked, null, $except);
            $taken += $found;
        } while ($found !== []);

        return $planned;
    }

    /**
     * @return array<string, int> what stands before and behind a running number, with a line break between => the next
     * that is free
     */
    private function numbers(CodeRequest $request): array
    {
        $number = $request->pattern->number();
        if ($number === null) {
            return [];
        }
        $around = [];
        foreach ($request->parts as $part) {
            $sides = $request->pattern->around($request->productCode, $part);
            $around[implode("\n", $sides)] = $sides;
        }

        return array_map(fn (int $highest): int => max((int) $number->text, $highest + 1), $this->taken->highestNumbers($around));
    }
}
