<?php

declare(strict_types=1);

namespace App\Store\Words;

use Core\Text\Name;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What words of senders were taught to mean. */
final class SenderWords
{
    private const TABLE = 'sender_words';

    public function find(int $id): ?SenderWord
    {
        $row = DB::table(self::TABLE)->find($id);

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

    private static function word(stdClass $row): SenderWord
    {
        return new SenderWord($row->id, $row->sender, $row->word, $row->value_id, $row->view);
    }
}
