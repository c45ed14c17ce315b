<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use App\Store\Library\GtinRangeForm;
use Illuminate\Support\Facades\DB;

/** Numbers that a company may give to its items. */
final class GtinRangesTable implements PortableTable
{
    public function name(): string
    {
        return 'gtin-ranges';
    }

    public function keptIn(): string
    {
        return 'gtin_ranges';
    }

    public function description(): string
    {
        return 'Numbers that the company may give to its items.';
    }

    public function columns(): array
    {
        return [
            PortableColumn::key('name', 'What the range is called.'),
            new PortableColumn('prefix', 'Digits that all of its numbers begin with.', isRequired: true),
            new PortableColumn('first', 'The first item.', isRequired: true),
            new PortableColumn('last', 'The last item.', isRequired: true),
        ];
    }

    public function rows(): iterable
    {
        foreach (DB::table('gtin_ranges')->orderBy('id')->get() as $row) {
            yield [$row->name, $row->prefix, $row->first, $row->last];
        }
    }

    public function key(PortableRow $row): string
    {
        return LibraryKeys::folded($row->text('name'));
    }

    public function known(): array
    {
        return DB::table('gtin_ranges')->pluck('id', 'folded')->all();
    }

    public function inWords(PortableRow $row): string
    {
        return "the GTIN range {$row->text('name')}";
    }

    public function check(PortableRow $row): void
    {
        $this->form($row)->range();
    }

    public function add(Ledger $ledger, array $rows): void
    {
        foreach ($rows as $row) {
            $form = $this->form($row);
            $range = $form->range();
            $ledger->insert('gtin_ranges', [
                'name' => $form->name->shown,
                'folded' => $form->name->folded,
                'prefix' => $range->prefix,
                'first' => (string) $range->from,
                'last' => (string) $range->to,
            ]);
        }
    }

    private function form(PortableRow $row): GtinRangeForm
    {
        return new GtinRangeForm($row->text('name'), $row->text('prefix'), $row->text('first'), $row->text('last'));
    }
}
