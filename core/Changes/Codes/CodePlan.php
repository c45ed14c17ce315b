<?php

declare(strict_types=1);

namespace Core\Changes\Codes;

use Core\Codes\CodeNotFree;
use Core\Codes\CodeParts;
use Core\Codes\PlannedCodes;
use Core\Matrix\Combination;
use Core\Product\Product;
use Core\Product\ProductState;
use Core\Product\Sku;

/**
 * What becomes of the codes of a product's SKUs by a pattern. Codes that somebody typed stay, unless they are given up;
 * so do those of retired SKUs.
 */
final readonly class CodePlan
{
    public PlannedCodes $planned;

    /** @var list<CodeMove> those that change, in the product's order */
    public array $moves;

    /** @var list<Sku> whose code was typed and stays, though the pattern makes another */
    public array $locked;

    public function __construct(CodePlanner $planner, private Product $product, public CodeWish $wish)
    {
        $cells = array_map(fn(Sku $sku): Combination => $sku->cell, array_values($product->made));
        $parts = array_column($product->matrix->codeParts($cells), null, 'key');
        $remade = $locked = [];
        foreach ($product->made as $key => $sku) {
            if ($this->fits($parts[$key], $sku)) {
                continue;
            }
            $sku->isCodeTyped && !$wish->typedToo ? ($locked[] = $sku) : ($remade[$key] = $sku);
        }
        $this->locked = $locked;
        $this->planned = $planner->plan(
            new CodeRequest(
                $wish->productCode,
                $wish->pattern,
                array_values(array_intersect_key($parts, $remade)),
                $wish->chosen,
                $product->matrix->axes === [] ? $product->state->details->code : null,
                array_values(array_map(fn(Sku $sku): int => $sku->id, $remade)),
            ),
        );
        $moves = [];
        foreach ($remade as $key => $sku) {
            if (isset($this->planned->codes[$key])) {
                $moves[] = new CodeMove($sku, $product->placeOf($sku), $this->planned->codes[$key]);
            }
        }
        $this->moves = $moves;
    }

    /**
     * The product once its codes are the planned ones.
     *
     * @throws CodeNotFree while there is a clash
     */
    public function state(): ProductState
    {
        $this->planned->settled();

        return $this->product->state->withSkus(
            array_map(fn(CodeMove $move): Sku => $move->sku->coded($move->to, isTyped: false), $this->moves),
        );
    }

    /** @return list<int> ids of the SKUs whose codes change */
    public function skuIds(): array
    {
        return array_map(fn(CodeMove $move): int => $move->sku->id, $this->moves);
    }

    /** "changes 12 codes, leaves 2 that were typed" */
    public function inWords(): string
    {
        $count = count($this->moves);
        $changes = number_format($count) . ($count === 1 ? ' code' : ' codes');
        $left = count($this->locked);
        $leaves = ', leaves ' . number_format($left) . ' that ' . ($left === 1 ? 'was' : 'were') . ' typed';

        return 'changes ' . ($count === 0 ? 'no code' : $changes) . ($left === 0 ? '' : $leaves);
    }

    /** Whether a SKU has the code that the pattern makes, with whatever running number. */
    private function fits(CodeParts $parts, Sku $sku): bool
    {
        $pattern = $this->wish->pattern;
        $number = $pattern->number();
        if ($number === null) {
            return $sku->code === $pattern->code($this->wish->productCode, $parts);
        }
        $sides = $pattern->around($this->wish->productCode, $parts);
        [$before, $behind] = array_map(fn(string $side): string => preg_quote($side, '/'), $sides);

        return preg_match("/^{$before}\\d{" . strlen($number->text) . ",9}{$behind}$/", $sku->code) === 1;
    }
}
