<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\CodePatternRecord;
use App\Models\HistoryEntry;
use App\Models\Product;
use Core\Codes\CodePart;
use Core\Codes\CodePattern;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/**
 * Makes a code pattern of the library, changes it for SKUs that come from now on, or lets one go that no product has.
 */
final class SaveCodePattern
{
    private const MOST_NAME = 60;

    public function __construct(private readonly UnitOfWork $work) {}

    /**
     * @param  ?int  $patternId  null for a new one
     *
     * @throws Refusal
     */
    public function run(Change $change, ?int $patternId, string $name, CodePattern $pattern): ?HistoryEntry
    {
        $called = Name::of($name);
        if ($called->isEmpty() || $called->isLongerThan(self::MOST_NAME)) {
            throw new Refusal(
                'A pattern needs a name of up to ' . self::MOST_NAME . ' characters, such as Clothes.',
                RefusalKind::Missing,
                'name',
            );
        }

        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use (
            $patternId,
            $called,
            $pattern,
        ): string {
            if (
                CodePatternRecord::query()
                    ->where('folded', $called->folded)
                    ->whereKeyNot($patternId ?? 0)
                    ->exists()
            ) {
                throw new Refusal("There is a pattern {$called->shown} already.", RefusalKind::Taken, 'name');
            }
            $row = [
                'name' => $called->shown,
                'folded' => $called->folded,
                'parts' => json_encode(
                    array_map(fn(CodePart $part): array => $part->toArray(), $pattern->parts),
                    JSON_THROW_ON_ERROR,
                ),
                'separator' => $pattern->separator,
                'letters' => $pattern->letters->value,
                'longest' => $pattern->longest,
            ];
            if ($patternId === null) {
                $ledger->insert('code_patterns', $row);

                return "Made the code pattern {$called->shown}";
            }
            $ledger->update('code_patterns', [$patternId => $row]);

            return "Changed the code pattern {$called->shown}: codes that are there stay until it is applied";
        });
    }

    /** @throws Refusal */
    public function remove(Change $change, int $patternId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($patternId): string {
            $record = CodePatternRecord::query()->findOrFail($patternId);
            $users = Product::query()->where('code_pattern_id', $patternId)->count();
            if ($users > 0) {
                throw new Refusal(
                    number_format($users) .
                        ($users === 1 ? ' product has' : ' products have') .
                        " codes by {$record->name}. Give them another pattern first.",
                    RefusalKind::Impossible,
                    'name',
                );
            }
            $ledger->delete('code_patterns', [$patternId]);

            return "Removed the code pattern {$record->name}";
        });
    }
}
