<?php

declare(strict_types=1);

namespace App\Actions;

use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryValue;
use App\Models\User;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** Teaches a word in names of files: it means a value, for everybody or in what one sender sends. */
final class TeachWord
{
    private const LONGEST = 80;

    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  string  $sender  whose word it is; empty for everybody's */
    public function run(User $user, string $word, int $valueId, string $sender = ''): ?HistoryEntry
    {
        $name = Name::of($word);
        if ($name->isEmpty() || $name->isLongerThan(self::LONGEST)) {
            throw new Refused('Type the word as it stands in the names, up to '.self::LONGEST.' characters.', Kind::Missing, 'word');
        }

        return $this->keeper->keepLibrary(new Change($user, null, isNews: true), self::class, function (Ledger $ledger) use ($name, $valueId, $sender): string {
            $value = LibraryValue::with('axis')->lockForUpdate()->find($valueId) ?? throw new Refused('Choose the value that it means.', Kind::Missing, 'value');
            $this->refuseTaken($value, $name);
            if ($sender === '') {
                $ledger->update('axis_values', [$value->id => ['synonyms' => json_encode($this->with($value->synonyms, $name), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]]);
            } else {
                $this->teachOf($ledger, $value, $name, Name::of($sender));
            }

            return "Taught that “{$name->shown}” means {$value->axis->name} {$value->name}".($sender === '' ? '' : ' in what '.trim($sender).' sends');
        });
    }

    /** A word of one sender is forgotten. */
    public function forget(Change $change, int $wordId): ?HistoryEntry
    {
        return $this->keeper->keepLibrary($change, self::class, function (Ledger $ledger) use ($wordId): string {
            $word = DB::table('sender_words')->find($wordId) ?? throw new Refused('This word is forgotten already.', Kind::Gone);
            $value = LibraryValue::with('axis')->findOrFail((int) $word->value_id);
            $ledger->delete('sender_words', [$wordId]);

            return "Forgot that “{$word->word}” means {$value->axis->name} {$value->name} in what {$word->sender} sends";
        });
    }

    private function teachOf(Ledger $ledger, LibraryValue $value, Name $word, Name $sender): void
    {
        $known = DB::table('sender_words')->where('sender', $sender->folded)->where('folded', $word->folded)->first();
        if ($known === null) {
            $ledger->insert('sender_words', ['sender' => $sender->folded, 'word' => $word->shown, 'folded' => $word->folded, 'value_id' => $value->id]);
        } else {
            $ledger->update('sender_words', [$known->id => ['value_id' => $value->id]]);
        }
    }

    /**
     * @param  list<string>  $words
     * @return list<string>
     */
    private function with(array $words, Name $word): array
    {
        foreach ($words as $known) {
            if (Name::of($known)->is($word)) {
                return $words;
            }
        }

        return [...$words, $word->shown];
    }

    /** A word of the same axis means one value. */
    private function refuseTaken(LibraryValue $value, Name $word): void
    {
        foreach (LibraryValue::query()->where('axis_id', $value->axis_id)->whereKeyNot($value->id)->get() as $other) {
            foreach ([$other->name, $other->code, ...$other->synonyms] as $taken) {
                if (Name::of($taken)->is($word)) {
                    throw new Refused("“{$word->shown}” means {$value->axis->name} {$other->name} already.", Kind::Taken, 'word');
                }
            }
        }
    }
}
