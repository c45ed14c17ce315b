<?php

declare(strict_types=1);

namespace App\Store\Words;

use Core\Text\Name;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What words of senders were taught to mean. */
final class SenderWords
{
    private const TABLE = 'sender_words';

    public function find(int $id): ?SenderWord
    {
        $row = DB::table(self::TABLE)->where('id', $id)->first();

        return $row === null ? null : self::word($row);
    }

    public function named(Name $sender, Name $word): ?SenderWord
    {
        $row = DB::table(self::TABLE)->where('sender', $sender->folded)->where('folded', $word->folded)->first();

        return $row === null ? null : self::word($row);
    }

    /**
     * @param  list<int>  $valueIds
     * @return list<int> ids of the words that mean one of these values
     */
    public function meaning(array $valueIds): array
    {
        return array_values(DB::table(self::TABLE)->whereIn('value_id', $valueIds)->pluck('id')->all());
    }

    /** @return list<SenderWord> what a value is called, by sender */
    public function ofValue(int $valueId): array
    {
        return $this->words(DB::table(self::TABLE)->where('value_id', $valueId)->orderBy('sender')->orderBy('word'));
    }

    /** @return list<SenderWord> words that mean a view or nothing, by word */
    public function ofNoValue(): array
    {
        return $this->words(DB::table(self::TABLE)->whereNull('value_id')->orderBy('word')->orderBy('sender'));
    }

    /** @return list<SenderWord> */
    private function words(Builder $rows): array
    {
        return array_values(array_map(self::word(...), $rows->get()->all()));
    }

    private static function word(stdClass $row): SenderWord
    {
        return new SenderWord($row->id, $row->sender, $row->word, $row->value_id, $row->view);
    }
}
