<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryView;
use App\Store\Library\ViewForm;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Makes a view of the library, or changes one for every shot list and picture that has it. */
final class SaveView
{
    private const MOST_KEY = 20;

    private const MOST_VIEWS = 60;

    public function __construct(private readonly UnitOfWork $work) {}

    /**
     * @param  ?int  $viewId  null for a new one
     *
     * @throws Refusal
     */
    public function run(Change $change, ?int $viewId, ViewForm $form): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($viewId, $form): string {
            $others = LibraryView::query()
                ->whereKeyNot($viewId ?? 0)
                ->get()
                ->all();
            $this->refuseTaken($form, $others);
            if ($viewId !== null) {
                $view = LibraryView::query()->findOrFail($viewId);
                $ledger->update('views', [$viewId => $form->row()]);

                return "Changed the view {$view->name}" .
                    ($view->name === $form->name->shown ? '' : " to {$form->name->shown}");
            }
            if (count($others) >= self::MOST_VIEWS) {
                throw new Refusal(
                    'The library can have ' . self::MOST_VIEWS . ' views. Remove one that nothing uses first.',
                    RefusalKind::Impossible,
                    'name',
                );
            }
            $ledger->insert(
                'views',
                [
                    'key' => $this->freeKey($form->name, array_column($others, 'key')),
                    'position' => (int) LibraryView::query()->max('position') + 1,
                ] + $form->row(),
            );

            return "Made the view {$form->name->shown}";
        });
    }

    /** @param  array<LibraryView>  $others */
    private function refuseTaken(ViewForm $form, array $others): void
    {
        foreach ($others as $other) {
            if ($other->folded === $form->name->folded) {
                throw new Refusal("There is a view {$other->name} already.", RefusalKind::Taken, 'name');
            }
            $taken = array_map(fn(string $word): string => Name::of($word)->folded, [
                ...$other->words,
                ...$other->loose_words,
            ]);
            foreach (['words' => $form->words, 'loose_words' => $form->looseWords] as $field => $words) {
                foreach ($words as $word) {
                    if (in_array(Name::of($word)->folded, $taken, true)) {
                        throw new Refusal(
                            "“{$word}” means the view {$other->name} already. Take it away there first, or leave it out here.",
                            RefusalKind::Taken,
                            $field,
                        );
                    }
                }
            }
        }
    }

    /**
     * Letters and digits of the name, never digits alone.
     *
     * @param  list<string>  $taken
     */
    private function freeKey(Name $name, array $taken): string
    {
        $stem = substr(
            trim(
                (string) preg_replace(
                    '/[^a-z0-9]+/',
                    '-',
                    strtolower((string) iconv('UTF-8', 'ASCII//TRANSLIT//IGNORE', $name->folded)),
                ),
                '-',
            ),
            0,
            self::MOST_KEY,
        );
        $stem = $stem === '' || ctype_digit($stem) ? rtrim(substr("view-{$stem}", 0, self::MOST_KEY), '-') : $stem;
        for ($key = $stem, $number = 2; in_array($key, $taken, true); $number++) {
            $key = "{$stem}-{$number}";
        }

        return $key;
    }
}
