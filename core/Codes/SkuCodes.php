<?php

declare(strict_types=1);

namespace Core\Codes;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/** Makes SKU codes out of the product's code and the codes of a cell's values, in axis order. */
final class SkuCodes
{
    public const LONGEST = 64;

    public function code(string $productCode, Matrix $matrix, Combination $cell): string
    {
        $parts = [$productCode];
        foreach ($matrix->axes as $axis) {
            $parts[] = $axis->value($cell->value($axis->id) ?? 0)->code ?? '';
        }

        return implode('-', array_filter($parts, fn (string $part): bool => $part !== ''));
    }

    /**
     * Codes for the cells to make.
     *
     * @param  list<Combination>  $cells
     * @param  array<string, string>  $taken  code in upper case => what has it, in words
     * @return array<string, string> cell key => code
     *
     * @throws CodeClash where two cells would get the same code, or another SKU has it; never a silent suffix
     */
    public function forCells(string $productCode, Matrix $matrix, array $cells, array $taken = []): array
    {
        $codes = [];
        $owners = $taken;
        foreach ($cells as $cell) {
            $code = $this->code($productCode, $matrix, $cell);
            if (mb_strlen($code) > self::LONGEST) {
                throw CodeClash::tooLong($code, self::LONGEST);
            }
            $folded = mb_strtoupper($code);
            $place = implode(', ', $matrix->choice($cell));
            if (isset($owners[$folded])) {
                throw CodeClash::between($code, $owners[$folded], $place);
            }
            $owners[$folded] = $place;
            $codes[$cell->key] = $code;
        }

        return $codes;
    }
}
