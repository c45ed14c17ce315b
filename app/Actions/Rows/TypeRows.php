<?php

declare(strict_types=1);

namespace App\Actions\Rows;

use App\Changing\Portion;
use App\Changing\PortionAct;
use App\Changing\PortionItem;
use App\Changing\PortionOutcome;
use App\History\Change;
use App\History\IdempotencyKeys;
use App\Intake\Rows\RowTerms;
use App\Models\User;
use Core\Refusal;
use Core\Sheets\Typing\CellEdit;
use Core\Sheets\Typing\TypeInRows;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Writes what was typed into rows of one product or of many: all of it, or nothing where one cell cannot be. */
final class TypeRows
{
    private const TRIES = 3;

    public function __construct(
        private readonly Portion $portions,
        private readonly RowTerms $terms,
        private readonly IdempotencyKeys $keys,
    ) {}

    /**
     * @param  ?string  $token  a UUID that tells this change from every other: sent again with it, it is made once
     * @param  array<int, non-empty-list<CellEdit>>  $edits  by product id
     *
     * @throws Refusal
     */
    public function run(User $user, ?string $token, array $edits): void
    {
        ksort($edits);
        $terms = $this->terms->typed();
        $items = [];
        foreach ($edits as $productId => $own) {
            $items[$productId] = PortionItem::of($productId, new TypeInRows($own, $terms));
        }
        DB::transaction(function () use ($user, $token, $items): void {
            $outcomes = $this->portions->write(new PortionAct($user, (string) Str::ulid(), self::class), $items);
            $this->keys->note(new Change($user, null, token: $token));
            $refused = array_filter($outcomes, fn(PortionOutcome $outcome): bool => $outcome->isRefused);
            if ($refused !== []) {
                throw new Refusal(array_values($refused)[0]->words . ' Nothing was changed.');
            }
        }, self::TRIES);
    }
}
