<?php

declare(strict_types=1);

namespace Core\Codes;

/** Makes SKU codes by a pattern. */
final class SkuCodes
{
    public const LONGEST = 64;

    /** What a code may look like. */
    public const PATTERN = '/^[A-Za-z0-9][A-Za-z0-9._\/-]{0,63}$/';

    public readonly CodePattern $pattern;

    public function __construct(?CodePattern $pattern = null)
    {
        $this->pattern = $pattern ?? CodePattern::usual();
    }

    /** "TB-SMK-MOSS-M"; with a running number the one given. */
    public function code(string $productCode, CodeParts $parts, int $number = 0): string
    {
        return $this->pattern->code($productCode, $parts, $number);
    }

    /**
     * Codes for the cells to make. Where a code is taken, or two cells would get the same one, or one is too long,
     * there is no silent suffix: what is in the way is named, with a code that would be free, for a person to settle.
     *
     * @param  list<CodeParts>  $cells
     * @param  array<string, string>  $taken  code in upper case => what has it, in words; those of the wanted codes,
     *   and more where they are known
     * @param  array<string, string>  $chosen  wanted code, of a second SKU that wants it "CODE (2)" => the code that
     *   somebody chose in its place
     * @param  array<string, int>  $numbers  what stands before and behind a running number, with a line break between
     *   => the next that is free
     */
    public function forCells(
        string $productCode,
        array $cells,
        array $taken = [],
        array $chosen = [],
        array $numbers = [],
    ): PlannedCodes {
        $codes = [];
        $clashes = [];
        $used = [];
        $owners = $taken;
        $met = $times = [];
        $wanted = $this->wanted($productCode, $cells, $numbers);
        $upper = array_flip(array_map(mb_strtoupper(...), $wanted));
        foreach ($cells as $at => $cell) {
            $own = $wanted[$at];
            $times[$own] = ($times[$own] ?? 0) + 1;
            // The second that wants the same code is asked for by itself.
            $name = $times[$own] === 1 ? $own : "{$own} ({$times[$own]})";
            $code = $chosen[$name] ?? $own;
            $owner = $owners[mb_strtoupper($code)] ?? null;
            if ($owner !== null || mb_strlen($code) > $this->pattern->longest) {
                $other = $met[mb_strtoupper($code)] ?? null;
                $clashes[] = new CodeClash(
                    $name,
                    $code,
                    $cell->place,
                    $owner,
                    $this->free($code, $owners, $upper),
                    $this->pattern->longest,
                    $other === null ? '' : $this->cause($cell, $other),
                );

                continue;
            }
            $owners[mb_strtoupper($code)] = $cell->place;
            $met[mb_strtoupper($code)] = $cell;
            $codes[$cell->key] = $code;
            if ($code !== $own) {
                $used[$name] = $code;
            }
        }

        return new PlannedCodes($codes, $clashes, $used);
    }

    /**
     * @param  list<CodeParts>  $cells
     * @param  array<string, int>  $numbers
     * @return list<string>
     */
    private function wanted(string $productCode, array $cells, array $numbers): array
    {
        $first = (int) ($this->pattern->number()->text ?? '0');
        $codes = [];
        foreach ($cells as $cell) {
            $around = implode("\n", $this->pattern->around($productCode, $cell));
            $number = $numbers[$around] ?? $first;
            $numbers[$around] = $number + 1;
            $codes[] = $this->code($productCode, $cell, $number);
        }

        return $codes;
    }

    /** Why two cells make the same code: of their values that differ, those that the code does not tell apart. */
    private function cause(CodeParts $one, CodeParts $other): string
    {
        foreach ($one->values as $axisId => $value) {
            $foreign = $other->values[$axisId] ?? null;
            if ($foreign === null || $foreign->label === $value->label) {
                continue;
            }
            if (!$this->pattern->says($axisId)) {
                return "The pattern does not say the {$value->axis}, so that {$foreign->label} and {$value->label} make the same: add it, or a running number.";
            }
            if (strcasecmp($foreign->code, $value->code) === 0) {
                return "{$foreign->label} and {$value->label} have the same code {$value->code}: {$value->label} could have " .
                    ValueCode::propose($value->label, [$value->code => true]) .
                    '.';
            }
        }

        return 'Their values read the same with nothing between them: put a sign between the parts.';
    }

    /**
     * The code with the first number behind it that makes it free.
     *
     * @param  array<string, string>  $owners
     * @param  array<string, mixed>  $wanted
     */
    private function free(string $code, array $owners, array $wanted): string
    {
        for ($number = 2; ; $number++) {
            $free = mb_substr($code, 0, $this->pattern->longest - strlen((string) $number) - 1) . '-' . $number;
            if (!isset($owners[mb_strtoupper($free)]) && !isset($wanted[mb_strtoupper($free)])) {
                return $free;
            }
        }
    }
}
