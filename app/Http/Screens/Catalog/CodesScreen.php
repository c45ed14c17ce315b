<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\Models\CodePatternRecord;
use App\Models\GtinRangeRecord;
use App\Store\Products\CodePatterns;
use Core\Codes\CodePart;
use Core\Codes\CodePartKind;
use Core\Codes\CodeParts;
use Core\Codes\CodePattern;
use Core\Codes\Gtin;

/** Code patterns and ranges of GTINs, as the library shows them. */
final readonly class CodesScreen
{
    public function __construct(private CodePatterns $patterns) {}

    /** @return list<CodePatternRecord> */
    public function patterns(): array
    {
        return $this->patterns->all();
    }

    /** @return list<GtinRangeRecord> */
    public function ranges(): array
    {
        return $this->patterns->ranges();
    }

    public function users(CodePatternRecord $record): int
    {
        return $this->patterns->users()[$record->id] ?? 0;
    }

    /** What a pattern makes of SKUs that are there: "TB-SMOCK-MOSS-M, TB-SMOCK-MOSS-L". */
    public function example(CodePattern $pattern): string
    {
        [$code, $parts] = $this->patterns->examples();
        $first = (int) ($pattern->number()->text ?? '1');

        return implode(
            ', ',
            array_map(
                fn(CodeParts $sku, int $at): string => $pattern->code($code, $sku, $first + $at),
                $parts,
                array_keys($parts),
            ),
        );
    }

    /** "product code - code of the Color - running number from 001" */
    public function inWords(CodePattern $pattern): string
    {
        return implode(
            $pattern->separator === '' ? ' ' : " {$pattern->separator} ",
            array_map(
                fn(CodePart $part): string => match ($part->kind) {
                    CodePartKind::Axis => __('catalog.code_of_the_axis', [
                        'axis' => $this->patterns->axes()[$part->axisId] ?? __('catalog.axis'),
                    ]),
                    CodePartKind::Number => __('catalog.number_from_part', ['part' => $part->text]),
                    CodePartKind::Text => "“{$part->text}”",
                    default => $part->kind->inWords(),
                },
                $pattern->parts,
            ),
        );
    }

    /** @return array<string, string> what can stand at a place, as the form says it => in words */
    public function choices(): array
    {
        $choices = ['' => '–'];
        foreach ([CodePartKind::Product, CodePartKind::Values] as $kind) {
            $choices[$kind->value] = ucfirst($kind->inWords());
        }
        foreach ($this->patterns->axes() as $id => $name) {
            $choices["axis {$id}"] = __('catalog.code_of_the_name', ['name' => $name]);
        }

        return $choices + [
            CodePartKind::Number->value => __('catalog.running_number_from'),
            CodePartKind::Text->value => __('catalog.fixed_text'),
        ];
    }

    /** @return list<CodeRow> the places of the form, the last of them empty */
    public function rows(CodePattern $pattern): array
    {
        $parts = array_map(
            fn(CodePart $part): array => [
                $part->kind === CodePartKind::Axis ? "axis {$part->axisId}" : $part->kind->value,
                $part->text,
            ],
            $pattern->parts,
        );
        $padded = array_pad($parts, max(5, min(CodePattern::MOST_PARTS, count($parts) + 1)), ['', '']);

        return $this->rowsOf(array_column($padded, 0), array_column($padded, 1));
    }

    /**
     * @param list<string> $kinds
     * @param array<int, string> $texts by place
     * @return list<CodeRow>
     */
    public function rowsOf(array $kinds, array $texts): array
    {
        return array_map(
            fn(int $at, string $kind): CodeRow => new CodeRow($at, $kind, $texts[$at] ?? ''),
            array_keys($kinds),
            $kinds,
        );
    }

    /** How a range stands: what is next, how many are left, and whether its numbers may leave the company. */
    public function standing(GtinRangeRecord $record): string
    {
        $range = $record->toCore();
        $left = $range->to - $range->from + 1 - ($this->patterns->given()[$record->id] ?? 0);
        $why = Gtin::restriction($range->number($range->from));

        return __('catalog.numbers_left', [
            'left' => $left,
            'all' => $range->to - $range->from + 1,
            'why' => $why === null ? '' : "; {$why}",
        ]);
    }
}
