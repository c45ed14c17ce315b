<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use App\Models\LibraryView;
use App\Store\Library\ViewForm;
use Core\Refusal;
use Illuminate\Support\Facades\DB;

/** What pictures can show. */
final class ViewsTable implements PortableTable
{
    private const KEY = '/^(?!\d+$)[a-z0-9](?:[a-z0-9 -]{0,22}[a-z0-9])?$/D';

    public function name(): string
    {
        return 'views';
    }

    public function keptIn(): string
    {
        return 'views';
    }

    public function description(): string
    {
        return 'What pictures can show, in their order.';
    }

    public function columns(): array
    {
        return [
            PortableColumn::key('key', 'By which pictures and shot lists know it.'),
            new PortableColumn('name', 'What it is called.', isRequired: true),
            new PortableColumn('showing', 'Whether it shows the goods, or what guides to them.', isRequired: true),
            PortableColumn::many('words', 'Words of file names that mean it.'),
            PortableColumn::many('loose_words', 'Words that mean it where nothing else does.'),
            PortableColumn::translations(),
        ];
    }

    public function rows(): iterable
    {
        foreach (DB::table('views')->orderBy('position')->orderBy('id')->get() as $row) {
            yield [
                $row->key,
                $row->name,
                $row->showing,
                LibraryKeys::list(LibraryKeys::read($row->words)),
                LibraryKeys::list(LibraryKeys::read($row->loose_words)),
                LibraryKeys::object($row->translations),
            ];
        }
    }

    public function key(PortableRow $row): string
    {
        return $row->text('key');
    }

    public function known(): array
    {
        return DB::table('views')->pluck('id', 'key')->all();
    }

    public function inWords(PortableRow $row): string
    {
        return "the view {$row->text('name')}";
    }

    /** @throws Refusal */
    public function check(PortableRow $row): void
    {
        $this->form($row);
        if (preg_match(self::KEY, $row->text('key')) !== 1) {
            throw $row->amiss('key', 'small letters, digits, spaces and dashes are expected, up to 24');
        }
    }

    public function add(Ledger $ledger, array $rows): void
    {
        $position = (int) LibraryView::query()->max('position');
        foreach ($rows as $row) {
            $this->check($row);
            // Of the words just those that it has elsewhere; who types a view here has its name among them.
            $words = ['words' => LibraryKeys::list($row->texts('words'))];
            $ledger->insert(
                'views',
                ['key' => $row->text('key'), 'position' => ++$position] + $words + $this->form($row)->row(),
            );
        }
    }

    private function form(PortableRow $row): ViewForm
    {
        return ViewForm::typed(
            $row->text('name'),
            $row->text('showing'),
            implode("\n", $row->texts('words')),
            implode("\n", $row->texts('loose_words')),
            $row->translations(),
        );
    }
}
