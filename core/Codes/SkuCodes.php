<?php

declare(strict_types=1);

namespace Core\Codes;

/** Makes SKU codes out of the product's code and the codes of a cell's values, in axis order. */
final class SkuCodes
{
    public const LONGEST = 64;

    /** What a code may look like. */
    public const PATTERN = '/^[A-Za-z0-9][A-Za-z0-9._\/-]{0,63}$/';

    /** "TB-SMK-MOSS-M" */
    public function code(string $productCode, CodeParts $parts): string
    {
        return implode('-', array_filter([$productCode, ...$parts->valueCodes], fn (string $part): bool => $part !== ''));
    }

    /**
     * Codes for the cells to make. Where a code is taken, or two cells would get the same one, or one is too long,
     * there is no silent suffix: what is in the way is named, with a code that would be free, for a person to settle.
     *
     * @param  list<CodeParts>  $cells
     * @param  array<string, string>  $taken  code in upper case => what has it, in words; those of the wanted codes, and more where they are known
     * @param  array<string, string>  $chosen  wanted code => the code that somebody chose in its place
     */
    public function forCells(string $productCode, array $cells, array $taken = [], array $chosen = []): PlannedCodes
    {
        $codes = [];
        $clashes = [];
        $used = [];
        $owners = $taken;
        $wanted = [];
        foreach ($cells as $cell) {
            $wanted[mb_strtoupper($this->code($productCode, $cell))] = true;
        }
        foreach ($cells as $cell) {
            $own = $this->code($productCode, $cell);
            $code = $chosen[$own] ?? $own;
            $owner = $owners[mb_strtoupper($code)] ?? null;
            if ($owner !== null || mb_strlen($code) > self::LONGEST) {
                $clashes[] = new CodeClash($own, $code, $cell->place, $owner, $this->free($code, $owners, $wanted));

                continue;
            }
            $owners[mb_strtoupper($code)] = $cell->place;
            $codes[$cell->key] = $code;
            if ($code !== $own) {
                $used[$own] = $code;
            }
        }

        return new PlannedCodes($codes, $clashes, $used);
    }

    /**
     * The code with the first number behind it that makes it free.
     *
     * @param  array<string, string>  $owners
     * @param  array<string, true>  $wanted
     */
    private function free(string $code, array $owners, array $wanted): string
    {
        for ($number = 2; ; $number++) {
            $free = mb_substr($code, 0, self::LONGEST - strlen((string) $number) - 1).'-'.$number;
            if (! isset($owners[mb_strtoupper($free)]) && ! isset($wanted[mb_strtoupper($free)])) {
                return $free;
            }
        }
    }
}
