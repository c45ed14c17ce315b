<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\ShotListRecord;
use App\Store\Library\ViewShelf;
use Core\Gallery\Coverage\Need;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Makes a shot list, or changes one for every product that has it. */
final class SaveShotList
{
    private const MOST_NAME = 60;

    public function __construct(private readonly UnitOfWork $work, private readonly ViewShelf $shelf) {}

    /**
     * @param  ?int  $listId  null for a new one
     * @param  array<string, string>  $needs  view's key => need, in the list's order; those of no need are not on it
     *
     * @throws Refusal
     */
    public function run(Change $change, ?int $listId, string $name, array $needs): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use (
            $listId,
            $name,
            $needs,
        ): string {
            $called = Name::of($name);
            if ($called->isEmpty() || $called->isLongerThan(self::MOST_NAME)) {
                throw new Refusal(
                    'A shot list needs a name of up to ' . self::MOST_NAME . ' characters, such as Garment.',
                    RefusalKind::Missing,
                    'name',
                );
            }
            if (
                ShotListRecord::query()
                    ->where('folded', $called->folded)
                    ->whereKeyNot($listId ?? 0)
                    ->exists()
            ) {
                throw new Refusal("There is a shot list {$called->shown} already.", RefusalKind::Taken, 'name');
            }
            $row = ['name' => $called->shown, 'folded' => $called->folded] + $this->views($needs);
            if ($listId === null) {
                $ledger->insert('shot_lists', $row);

                return "Made the shot list {$called->shown}";
            }
            $before = ShotListRecord::query()->findOrFail($listId);
            $ledger->update('shot_lists', [$listId => $row]);

            return "Changed the shot list {$before->name}" .
                ($before->name === $called->shown ? '' : " to {$called->shown}");
        });
    }

    /**
     * @param  array<string, string>  $needs
     * @return array<string, string> columns
     */
    private function views(array $needs): array
    {
        $known = array_map(
            fn(string $need): ?Need => Need::tryFrom($need),
            array_filter(
                $needs,
                fn(string $key): bool => $this->shelf->views()->find($key) !== null,
                ARRAY_FILTER_USE_KEY,
            ),
        );
        $listed = array_filter($known, fn(?Need $need): bool => $need === Need::Required || $need === Need::Wanted);
        if ($listed === []) {
            throw new Refusal(
                'A shot list needs at least one view that is required or wanted.',
                RefusalKind::Missing,
                'need',
            );
        }
        $keys = fn(array $of): string => json_encode(array_map(strval(...), array_keys($of)), JSON_THROW_ON_ERROR);

        return [
            'views' => $keys($listed),
            'required' => $keys(array_filter($listed, fn(?Need $need): bool => $need === Need::Required)),
        ];
    }
}
