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
                    CodePartKind::Axis => 'code of the ' . ($this->patterns->axes()[$part->axisId] ?? 'axis'),
                    CodePartKind::Number => "number from {$part->text}",
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
            $choices["axis {$id}"] = "Code of the {$name}";
        }

        return $choices + [
            CodePartKind::Number->value => 'Running number, from',
            CodePartKind::Text->value => 'Fixed text',
        ];
    }

    /** @return list<array{string, string}> of each place of the form: what stands there, and its text */
    public function rows(?CodePattern $pattern): array
    {
        $rows = array_map(
            fn(CodePart $part): array => [
                $part->kind === CodePartKind::Axis ? "axis {$part->axisId}" : $part->kind->value,
                $part->text,
            ],
            ($pattern ?? CodePattern::usual())->parts,
        );

        return array_pad($rows, max(5, min(CodePattern::MOST_PARTS, count($rows) + 1)), ['', '']);
    }

    /** How a range stands: what is next, how many are left, and whether its numbers may leave the company. */
    public function standing(GtinRangeRecord $record): string
    {
        $range = $record->toCore();
        $left = $range->to - $range->from + 1 - ($this->patterns->given()[$record->id] ?? 0);
        $why = Gtin::restriction($range->number($range->from));

        return number_format($left) .
            ' of ' .
            number_format($range->to - $range->from + 1) .
            ' free' .
            ($why === null ? '' : "; {$why}");
    }
}
