<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use App\Store\Library\AxisForm;
use Illuminate\Support\Facades\DB;

/** The axes of the library. */
final class AxesTable implements PortableTable
{
    public function name(): string
    {
        return 'axes';
    }

    public function keptIn(): string
    {
        return 'axes';
    }

    public function description(): string
    {
        return 'Ways in which the SKUs of a product differ.';
    }

    public function columns(): array
    {
        return [
            PortableColumn::key('name', 'What the axis is called.'),
            new PortableColumn('kind', 'size, color or other.', isRequired: true),
            new PortableColumn('changes_picture', 'Whether pictures differ by its values.', 'boolean', true),
            new PortableColumn('display', 'How shoppers choose among its values.', isRequired: true),
            PortableColumn::translations(),
        ];
    }

    public function rows(): iterable
    {
        foreach (DB::table('axes')->orderBy('id')->get() as $row) {
            yield [
                $row->name,
                $row->kind,
                $row->changes_picture ? 'true' : 'false',
                $row->display,
                LibraryKeys::object($row->translations),
            ];
        }
    }

    public function key(PortableRow $row): string
    {
        return LibraryKeys::folded($row->text('name'));
    }

    public function known(): array
    {
        return LibraryKeys::axisIds();
    }

    public function inWords(PortableRow $row): string
    {
        return "the axis {$row->text('name')}";
    }

    public function check(PortableRow $row): void
    {
        $this->form($row);
    }

    public function add(Ledger $ledger, array $rows): void
    {
        foreach ($rows as $row) {
            $ledger->insert('axes', $this->form($row)->row());
        }
    }

    private function form(PortableRow $row): AxisForm
    {
        return AxisForm::typed(
            $row->text('name'),
            $row->text('kind'),
            $row->text('display'),
            $row->isTrue('changes_picture'),
            $row->translations(),
        );
    }
}
