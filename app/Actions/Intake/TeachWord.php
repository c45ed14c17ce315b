<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryValue;
use App\Models\User;
use App\Store\Library\ViewShelf;
use App\Store\Words\SenderWords;
use Closure;
use Core\Gallery\View;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/**
 * Teaches a word in names of files: it means a value, a view, or nothing, for everybody or in what one sender sends.
 */
final class TeachWord
{
    private const LONGEST = 80;

    public function __construct(
        private readonly UnitOfWork $work,
        private readonly ViewShelf $shelf,
        private readonly SenderWords $words,
    ) {}

    /**
     * @param  string  $sender  whose word it is; empty for everybody's
     *
     * @throws Refusal
     */
    public function run(User $user, string $word, int $valueId, string $sender = ''): ?HistoryEntry
    {
        $name = self::word($word);

        return $this->keep($user, function (Ledger $ledger) use ($name, $valueId, $sender): string {
            $value =
                LibraryValue::with('axis')->lockForUpdate()->find($valueId) ??
                throw new Refusal('Choose the value that it means.', RefusalKind::Missing, 'value');
            $this->refuseTaken($value, $name);
            if ($sender === '') {
                $ledger->update('axis_values', [
                    $value->id => [
                        'synonyms' => json_encode(
                            $this->with($value->synonyms, $name),
                            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
                        ),
                    ],
                ]);
            } else {
                $this->teachOf($ledger, $name, Name::of($sender), ['value_id' => $value->id, 'view' => null]);
            }

            return "Taught that “{$name->shown}” means {$value->axis->name} {$value->name}" . self::whose($sender);
        });
    }

    /** It means a view, such as the back. */
    public function asView(User $user, string $word, View $view, string $sender = ''): ?HistoryEntry
    {
        $name = self::word($word);

        return $this->keep($user, function (Ledger $ledger) use ($name, $view, $sender): string {
            $this->teachOf($ledger, $name, Name::of($sender), ['value_id' => null, 'view' => $view->key]);

            return "Taught that “{$name->shown}” means the view {$view->label()}" . self::whose($sender);
        });
    }

    /** It says nothing of the goods. */
    public function asNothing(User $user, string $word, string $sender = ''): ?HistoryEntry
    {
        $name = self::word($word);

        return $this->keep($user, function (Ledger $ledger) use ($name, $sender): string {
            $this->teachOf($ledger, $name, Name::of($sender), ['value_id' => null, 'view' => null]);

            return "Taught that “{$name->shown}” means nothing" . self::whose($sender);
        });
    }

    /**
     * What was taught is forgotten.
     *
     * @throws Refusal
     */
    public function forget(Change $change, int $wordId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($wordId): string {
            $word =
                $this->words->find($wordId) ?? throw new Refusal('This word is forgotten already.', RefusalKind::Gone);
            $value = $word->valueId === null ? null : LibraryValue::with('axis')->findOrFail($word->valueId);
            $ledger->delete('sender_words', [$wordId]);
            $meant = match (true) {
                $value !== null => "{$value->axis->name} {$value->name}",
                $word->view !== null => 'the view ' .
                    ($this->shelf->views()->find($word->view)?->label() ?? $word->view),
                default => 'nothing',
            };

            return "Forgot that “{$word->word}” means {$meant}" . self::whose($word->sender);
        });
    }

    /** @param  Closure(Ledger): string  $work */
    private function keep(User $user, Closure $work): ?HistoryEntry
    {
        return $this->work->keepLibrary(new Change($user, null, isNews: true), self::class, $work);
    }

    private static function word(string $typed): Name
    {
        $name = Name::of($typed);
        if ($name->isEmpty() || $name->isLongerThan(self::LONGEST)) {
            throw new Refusal(
                'Type the word as it stands in the names, up to ' . self::LONGEST . ' characters.',
                RefusalKind::Missing,
                'word',
            );
        }

        return $name;
    }

    private static function whose(string $sender): string
    {
        return trim($sender) === '' ? '' : ' in what ' . trim($sender) . ' sends';
    }

    /** @param  array<string, int|string|null>  $meaning  columns that say what it means */
    private function teachOf(Ledger $ledger, Name $word, Name $sender, array $meaning): void
    {
        $known = $this->words->named($sender, $word);
        if ($known === null) {
            $ledger->insert(
                'sender_words',
                ['sender' => $sender->folded, 'word' => $word->shown, 'folded' => $word->folded] + $meaning,
            );
        } else {
            $ledger->update('sender_words', [$known->id => $meaning]);
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
                    throw new Refusal(
                        "“{$word->shown}” means {$value->axis->name} {$other->name} already.",
                        RefusalKind::Taken,
                        'word',
                    );
                }
            }
        }
    }
}
