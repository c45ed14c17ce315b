<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use Core\Refusal;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** Ordered lists of values that are used again. */
final class SizeRunsTable implements PortableTable
{
    private const LONGEST = 60;

    public function name(): string
    {
        return 'size-runs';
    }

    public function keptIn(): string
    {
        return 'size_runs';
    }

    public function description(): string
    {
        return 'Ordered lists of values of an axis that are used again.';
    }

    public function columns(): array
    {
        return [
            PortableColumn::key('axis', 'What its axis is called.'),
            PortableColumn::key('name', 'What the run is called.'),
            PortableColumn::many('values', 'What its values are called, in order.'),
        ];
    }

    public function rows(): iterable
    {
        $names = DB::table('axis_values')->pluck('name', 'id')->all();
        $runs = DB::table('size_runs')
            ->join('axes', 'axes.id', '=', 'size_runs.axis_id')
            ->orderBy('size_runs.id')
            ->get(['size_runs.*', 'axes.name as axis']);
        foreach ($runs as $row) {
            $values = array_map(fn(string $id): string => $names[(int) $id] ?? '', LibraryKeys::read($row->value_ids));
            yield [
                $row->axis,
                $row->name,
                LibraryKeys::list(array_filter($values, fn(string $name): bool => $name !== '')),
            ];
        }
    }

    public function key(PortableRow $row): string
    {
        return LibraryKeys::valueKey($row->text('axis'), $row->text('name'));
    }

    public function known(): array
    {
        return DB::table('size_runs')
            ->join('axes', 'axes.id', '=', 'size_runs.axis_id')
            ->get(['size_runs.id', 'axes.folded as axis', 'size_runs.folded'])
            ->mapWithKeys(fn($row): array => ["{$row->axis}\n{$row->folded}" => (int) $row->id])
            ->all();
    }

    public function inWords(PortableRow $row): string
    {
        return "the size run {$row->text('name')}";
    }

    /** @throws Refusal */
    public function check(PortableRow $row): void
    {
        $name = Name::of($row->text('name'));
        if ($name->isEmpty() || $name->isLongerThan(self::LONGEST)) {
            throw $row->amiss('name', 'up to ' . self::LONGEST . ' characters are expected');
        }
        $row->texts('values');
    }

    /** @throws Refusal */
    public function add(Ledger $ledger, array $rows): void
    {
        $axes = LibraryKeys::axisIds();
        $values = LibraryKeys::valueIds();
        foreach ($rows as $row) {
            $this->check($row);
            $axis = $row->text('axis');
            $name = Name::of($row->text('name'));
            $ids = array_map(
                fn(string $value): int => $values[LibraryKeys::valueKey($axis, $value)] ??
                    throw $row->amiss('values', "{$axis} has no value {$value}"),
                $row->texts('values'),
            );
            $ledger->insert('size_runs', [
                'axis_id' => $axes[LibraryKeys::folded($axis)] ?? throw $row->amiss('axis', "there is no axis {$axis}"),
                'name' => $name->shown,
                'folded' => $name->folded,
                'value_ids' => json_encode($ids, JSON_THROW_ON_ERROR),
            ]);
        }
    }
}
