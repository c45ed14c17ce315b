<?php

declare(strict_types=1);

namespace App\Intake\Sheets\Verdicts;

use Core\Sheets\Reading\CellProblem;
use Core\Sheets\Reading\ProblemKind;
use Core\Sheets\Verdicts\RowVerdict;
use Core\Sheets\Verdicts\SheetVerdict;
use stdClass;

/** The verdict of a row as it is stored. */
final class VerdictRecord
{
    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /** @return array<string, ?string> by column */
    public static function encode(RowVerdict $one): array
    {
        $kinds = array_unique(array_map(fn(CellProblem $problem): string => $problem->kind->value, $one->problems));
        $problems = array_map(
            fn(CellProblem $problem): array => [
                $problem->column,
                $problem->kind->value,
                $problem->message,
                $problem->suggestion,
                $problem->subject,
            ],
            $one->problems,
        );

        return [
            'verdict' => $one->verdict->value,
            'changes' => $one->changes === [] ? null : json_encode($one->changes, self::JSON),
            'problems' => $problems === [] ? null : json_encode($problems, self::JSON),
            'kinds' => $kinds === [] ? '' : ' ' . implode(' ', $kinds) . ' ',
        ];
    }

    /** @param  ?SheetVerdict  $ofProduct  that of a row which has none of its own */
    public static function decode(stdClass $row, ?SheetVerdict $ofProduct): RowVerdict
    {
        /** @var array<string, array{string, string}> $changes */
        $changes = $row->changes === null ? [] : json_decode($row->changes, true, 4, JSON_THROW_ON_ERROR);
        /** @var list<array{string, string, string, string, string}> $problems */
        $problems = $row->problems === null ? [] : json_decode($row->problems, true, 4, JSON_THROW_ON_ERROR);
        $problem = fn(array $one): CellProblem => new CellProblem(
            (int) $row->row,
            $one[0],
            ProblemKind::from($one[1]),
            $one[2],
            $one[3],
            $one[4],
        );

        return new RowVerdict(
            (int) $row->row,
            SheetVerdict::tryFrom((string) $row->verdict) ?? ($ofProduct ?? SheetVerdict::Held),
            $changes,
            array_map($problem, $problems),
        );
    }
}
