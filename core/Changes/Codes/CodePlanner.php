<?php

declare(strict_types=1);

namespace Core\Changes\Codes;

use Core\Changes\Catalog;
use Core\Codes\CodeClash;
use Core\Codes\CodePattern;
use Core\Codes\PlannedCodes;
use Core\Codes\SkuCodes;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Plans which codes SKUs get, with what the catalog has already. */
final readonly class CodePlanner
{
    public function __construct(private Catalog $catalog) {}

    /** By which a product's codes are made. */
    public function patternOf(Product $product): CodePattern
    {
        $pattern = $product->state->details->codePattern;

        return $pattern === null ? CodePattern::usual() : $this->pattern($pattern->id)->pattern;
    }

    /** @throws Refusal where the library has it no more */
    public function pattern(int $id): NamedPattern
    {
        return $this->catalog->codePattern($id) ??
            throw new Refusal('This pattern is not there any more. Choose another.', RefusalKind::Gone, 'pattern');
    }

    /** Where a code is not free, the one that is proposed is. */
    public function plan(CodeRequest $request): PlannedCodes
    {
        $codes = new SkuCodes($request->pattern);
        $except = $request->exceptSkuIds;
        $numbers = $this->numbers($request);
        // What is wanted without regard to what others have: its clashes are with itself only.
        $free = $codes->forCells($request->productCode, $request->parts, [], $request->chosen, $numbers);
        $tried = array_map(fn(CodeClash $clash): string => $clash->tried, $free->clashes);
        $asked = [...array_values($free->codes), ...$tried];
        $taken = [];
        do {
            $taken += $this->taken($asked, $request->sharing, $except);
            $planned = $codes->forCells($request->productCode, $request->parts, $taken, $request->chosen, $numbers);
            $proposals = array_map(fn(CodeClash $clash): string => $clash->proposal, $planned->clashes);
            $asked = array_values(array_diff($proposals, $asked));
            $found = $this->taken($asked, null, $except);
            $taken += $found;
        } while ($found !== []);

        return $planned;
    }

    /**
     * @param  list<string>  $codes
     * @param  list<int>  $except
     * @return array<string, string>
     */
    private function taken(array $codes, ?string $sharing, array $except): array
    {
        return $codes === [] ? [] : $this->catalog->codes($codes, $sharing, $except);
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
        $next = fn(int $highest): int => max((int) $number->text, $highest + 1);

        return array_map($next, $this->catalog->highestNumbers($around));
    }
}
