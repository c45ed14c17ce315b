<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use Core\Codes\CodePart;
use Core\Codes\CodePartKind;
use Core\Codes\CodePattern;
use Core\Codes\LetterCase;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** How the codes of SKUs are put together. */
final class CodePatternsTable implements PortableTable
{
    private const LONGEST = 60;

    public function name(): string
    {
        return 'code-patterns';
    }

    public function keptIn(): string
    {
        return 'code_patterns';
    }

    public function description(): string
    {
        return 'How the codes of SKUs are put together, for a kind of product.';
    }

    public function columns(): array
    {
        return [
            PortableColumn::key('name', 'What the pattern is called.'),
            PortableColumn::many('parts', 'What stands at each place: a kind, the name of an axis, a text.'),
            new PortableColumn('separator', 'What stands between.'),
            new PortableColumn('letters', 'How letters are written.', isRequired: true),
            new PortableColumn('longest', 'Characters of a code at most.', 'integer', true),
        ];
    }

    public function rows(): iterable
    {
        $axes = DB::table('axes')->pluck('name', 'id')->all();
        foreach (DB::table('code_patterns')->orderBy('id')->get() as $row) {
            $parts = array_map(
                fn(array $part): array => ['axis' => $axes[$part['axis']] ?? ''] + $part,
                json_decode($row->parts, true, flags: JSON_THROW_ON_ERROR),
            );
            yield [$row->name, LibraryKeys::list($parts), $row->separator, $row->letters, (string) $row->longest];
        }
    }

    public function key(PortableRow $row): string
    {
        return LibraryKeys::folded($row->text('name'));
    }

    public function known(): array
    {
        return DB::table('code_patterns')->pluck('id', 'folded')->all();
    }

    public function inWords(PortableRow $row): string
    {
        return "the code pattern {$row->text('name')}";
    }

    public function check(PortableRow $row): void
    {
        $ids = [];
        foreach ($row->objects('parts') as $at => $part) {
            $ids[LibraryKeys::folded(self::said($row, $part, 'axis'))] = $at + 1;
        }
        $this->pattern($row, $ids);
    }

    public function add(Ledger $ledger, array $rows): void
    {
        $axes = LibraryKeys::axisIds();
        foreach ($rows as $row) {
            $pattern = $this->pattern($row, $axes);
            $name = Name::of($row->text('name'));
            $ledger->insert('code_patterns', [
                'name' => $name->shown,
                'folded' => $name->folded,
                'parts' => LibraryKeys::list(array_map(fn(CodePart $part): array => $part->toArray(), $pattern->parts)),
                'separator' => $pattern->separator,
                'letters' => $pattern->letters->value,
                'longest' => $pattern->longest,
            ]);
        }
    }

    /** @param  array<string, int>  $axes  folded name => id */
    private function pattern(PortableRow $row, array $axes): CodePattern
    {
        $name = Name::of($row->text('name'));
        if ($name->isEmpty() || $name->isLongerThan(self::LONGEST)) {
            throw $row->amiss('name', 'up to ' . self::LONGEST . ' characters are expected');
        }
        $parts = [];
        foreach ($row->objects('parts') as $part) {
            $text = self::said($row, $part, 'text');
            $axis = self::said($row, $part, 'axis');
            $parts[] = match (CodePartKind::tryFrom(self::said($row, $part, 'kind'))) {
                CodePartKind::Product => CodePart::product(),
                CodePartKind::Values => CodePart::values(),
                CodePartKind::Number => CodePart::number($text),
                CodePartKind::Text => CodePart::text($text),
                CodePartKind::Axis => CodePart::axis(
                    $axes[LibraryKeys::folded($axis)] ?? throw $row->amiss('parts', "there is no axis {$axis}"),
                ),
                null => throw $row->amiss('parts', 'a kind is not known'),
            };
        }

        return CodePattern::of(
            $parts,
            $row->text('separator'),
            LetterCase::tryFrom($row->text('letters')) ?? throw $row->amiss('letters', 'they are not known'),
            $row->text('longest'),
        );
    }

    /** @param  array<string, mixed>  $part */
    private static function said(PortableRow $row, array $part, string $name): string
    {
        $said = $part[$name] ?? '';

        return is_string($said) ? $said : throw $row->amiss('parts', "{$name} is no text");
    }
}
