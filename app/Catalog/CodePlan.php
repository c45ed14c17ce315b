<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Codes\CodeParts;
use Core\Codes\PlannedCodes;
use Core\Matrix\Combination;
use Core\Product\Sku;

/** What becomes of the codes of a product's SKUs by a pattern. Codes that somebody typed stay, unless they are given up; so do those of retired SKUs. */
final readonly class CodePlan
{
    public PlannedCodes $planned;

    /** @var list<CodeMove> those that change, in the product's order */
    public array $moves;

    /** @var list<Sku> whose code was typed and stays, though the pattern makes another */
    public array $locked;

    public function __construct(CodePlanner $planner, LoadedProduct $loaded, public CodeWish $wish)
    {
        $cells = array_map(fn (Sku $sku): Combination => $sku->cell, array_values($loaded->made));
        $parts = array_column($loaded->matrix->codeParts($cells), null, 'key');
        $remade = $locked = [];
        foreach ($loaded->made as $key => $sku) {
            if ($this->fits($parts[$key], $sku)) {
                continue;
            }
            $sku->isCodeTyped && ! $wish->typedToo ? $locked[] = $sku : $remade[$key] = $sku;
        }
        $this->locked = $locked;
        $this->planned = $planner->plan(new CodeRequest(
            $loaded->product->id,
            $wish->productCode,
            $wish->pattern,
            array_values(array_intersect_key($parts, $remade)),
            $wish->chosen,
            $loaded->matrix->axes === [],
            array_values(array_map(fn (Sku $sku): int => $sku->id, $remade)),
        ));
        $moves = [];
        foreach ($remade as $key => $sku) {
            if (isset($this->planned->codes[$key])) {
                $moves[] = new CodeMove($sku, $loaded->placeOf($sku), $this->planned->codes[$key]);
            }
        }
        $this->moves = $moves;
    }

    /** @return array<int, array<string, string|int>> SKU id => columns that change */
    public function updates(): array
    {
        $updates = [];
        foreach ($this->moves as $move) {
            $updates[$move->sku->id] = ['code' => $move->to, 'code_typed' => 0];
        }

        return $updates;
    }

    /** "changes 12 codes, leaves 2 that were typed" */
    public function inWords(): string
    {
        $count = count($this->moves);

        return ($count === 0 ? 'changes no code' : 'changes '.number_format($count).($count === 1 ? ' code' : ' codes'))
            .($this->locked === [] ? '' : ', leaves '.number_format(count($this->locked)).' that '.(count($this->locked) === 1 ? 'was' : 'were').' typed');
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
        [$before, $behind] = array_map(fn (string $side): string => preg_quote($side, '/'), $sides);

        return preg_match("/^{$before}\\d{".strlen($number->text).",9}{$behind}$/", $sku->code) === 1;
    }
}
