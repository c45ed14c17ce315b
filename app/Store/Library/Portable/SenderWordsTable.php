<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use Core\Refusal;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** What words of senders were taught to mean. */
final class SenderWordsTable implements PortableTable
{
    private const LONGEST = 80;

    public function name(): string
    {
        return 'sender-words';
    }

    public function keptIn(): string
    {
        return 'sender_words';
    }

    public function description(): string
    {
        return 'What words in the names of files were taught to mean.';
    }

    public function columns(): array
    {
        return [
            new PortableColumn('word', 'As it stands in names.', isRequired: true),
            new PortableColumn('sender', 'Whose word it is; empty where it is anybody’s.'),
            new PortableColumn('axis', 'The axis of the value that it means; empty for none.'),
            new PortableColumn('value', 'The value that it means; empty for none.'),
            new PortableColumn('view', 'Key of the view that it means; empty for none.'),
        ];
    }

    public function rows(): iterable
    {
        $words = DB::table('sender_words')
            ->leftJoin('axis_values', 'axis_values.id', '=', 'sender_words.value_id')
            ->leftJoin('axes', 'axes.id', '=', 'axis_values.axis_id')
            ->orderBy('sender_words.sender')
            ->orderBy('sender_words.folded')
            ->get(['sender_words.*', 'axis_values.name as value', 'axes.name as axis']);
        foreach ($words as $row) {
            yield [$row->word, $row->sender, (string) $row->axis, (string) $row->value, (string) $row->view];
        }
    }

    public function key(PortableRow $row): string
    {
        return LibraryKeys::valueKey($row->text('sender'), $row->text('word'));
    }

    public function known(): array
    {
        return DB::table('sender_words')
            ->get(['id', 'sender', 'folded'])
            ->mapWithKeys(fn($row): array => ["{$row->sender}\n{$row->folded}" => (int) $row->id])
            ->all();
    }

    public function inWords(PortableRow $row): string
    {
        return "the word “{$row->text('word')}”";
    }

    /** @throws Refusal */
    public function check(PortableRow $row): void
    {
        $word = Name::of($row->text('word'));
        if ($word->isEmpty() || $word->isLongerThan(self::LONGEST)) {
            throw $row->amiss('word', 'up to ' . self::LONGEST . ' characters are expected');
        }
        if (Name::of($row->text('sender'))->isLongerThan(self::LONGEST)) {
            throw $row->amiss('sender', 'up to ' . self::LONGEST . ' characters are expected');
        }
    }

    /** @throws Refusal */
    public function add(Ledger $ledger, array $rows): void
    {
        $values = LibraryKeys::valueIds();
        $views = DB::table('views')->pluck('key', 'key')->all();
        foreach ($rows as $row) {
            $this->check($row);
            $word = Name::of($row->text('word'));
            [$value, $view] = [$row->text('value'), $row->text('view')];
            $ledger->insert('sender_words', [
                'sender' => LibraryKeys::folded($row->text('sender')),
                'word' => $word->shown,
                'folded' => $word->folded,
                'value_id' =>
                    $value === ''
                        ? null
                        : $values[LibraryKeys::valueKey($row->text('axis'), $value)] ??
                            throw $row->amiss('value', "there is no value {$value}"),
                'view' => $view === '' ? null : $views[$view] ?? throw $row->amiss('view', "there is no view {$view}"),
            ]);
        }
    }
}
