<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use Core\Refusal;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** Which views a kind of product needs. */
final class ShotListsTable implements PortableTable
{
    private const LONGEST = 60;

    public function name(): string
    {
        return 'shot-lists';
    }

    public function keptIn(): string
    {
        return 'shot_lists';
    }

    public function description(): string
    {
        return 'The views that a kind of product needs, in their order.';
    }

    public function columns(): array
    {
        return [
            PortableColumn::key('name', 'What the list is called.'),
            PortableColumn::many('views', 'Keys of the views on it.'),
            PortableColumn::many('required', 'Those of them that are required.'),
        ];
    }

    public function rows(): iterable
    {
        foreach (DB::table('shot_lists')->orderBy('id')->get() as $row) {
            yield [
                $row->name,
                LibraryKeys::list(LibraryKeys::read($row->views)),
                LibraryKeys::list(LibraryKeys::read($row->required)),
            ];
        }
    }

    public function key(PortableRow $row): string
    {
        return LibraryKeys::folded($row->text('name'));
    }

    public function known(): array
    {
        return DB::table('shot_lists')->pluck('id', 'folded')->all();
    }

    public function inWords(PortableRow $row): string
    {
        return "the shot list {$row->text('name')}";
    }

    /** @throws Refusal */
    public function check(PortableRow $row): void
    {
        $name = Name::of($row->text('name'));
        if ($name->isEmpty() || $name->isLongerThan(self::LONGEST)) {
            throw $row->amiss('name', 'up to ' . self::LONGEST . ' characters are expected');
        }
        $views = $row->texts('views');
        if ($views === [] || array_diff($row->texts('required'), $views) !== []) {
            throw $row->amiss('views', 'at least one view is expected, and all that are required');
        }
    }

    /** @throws Refusal */
    public function add(Ledger $ledger, array $rows): void
    {
        $keys = DB::table('views')->pluck('key')->all();
        foreach ($rows as $row) {
            $this->check($row);
            $unknown = array_diff($row->texts('views'), $keys);
            if ($unknown !== []) {
                throw $row->amiss('views', 'there is no view ' . implode(', ', $unknown));
            }
            $name = Name::of($row->text('name'));
            $ledger->insert('shot_lists', [
                'name' => $name->shown,
                'folded' => $name->folded,
                'views' => LibraryKeys::list($row->texts('views')),
                'required' => LibraryKeys::list($row->texts('required')),
            ]);
        }
    }
}
