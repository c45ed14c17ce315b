<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\ViewShelf;
use Core\Gallery\Need;
use Core\Gallery\Shot;
use Core\Gallery\View;
use Core\Refusal;
use Core\RefusalKind;

/** Says that a product differs in one view from the shot list of its kind, and why; or that it does not any more. */
final class SetShot
{
    private const LONGEST_REASON = 120;

    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  ?Need  $need  null for what the list says */
    public function run(Change $change, View $view, ?Need $need, string $reason): ?HistoryEntry
    {
        $reason = trim($reason);
        if (mb_strlen($reason) > self::LONGEST_REASON) {
            throw new Refusal('A reason can have '.self::LONGEST_REASON.' characters; this has '.mb_strlen($reason).'.', RefusalKind::Unreadable, 'reason');
        }
        if ($need === Need::NotWanted && $reason === '') {
            throw new Refusal("Say why this product needs no {$view->name} picture, so that nobody asks for it again.", RefusalKind::Missing, 'reason');
        }

        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($view, $need, $reason): string {
            if ($loaded->shotList === null) {
                throw new Refusal('This product has no shot list. Choose one under Details.', RefusalKind::Missing);
            }
            $own = array_values(array_filter($loaded->ownShots, fn (Shot $shot): bool => ! $shot->view->is($view)));
            if ($need !== null) {
                $own[] = new Shot($view, $need, $reason);
            }
            $ledger->update('products', [$loaded->product->id => ['shots' => ViewShelf::encode($own)]]);

            return $need === null
                ? "{$view->label()} pictures as the shot list says"
                : "{$view->label()} pictures {$need->value} here".($reason === '' ? '' : ": {$reason}");
        });
    }
}
