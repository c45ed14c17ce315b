<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Gallery\View;
use Core\Refusal;
use Core\RefusalKind;

/** Says what pictures show: their view, or the text that stands for one. */
final class DescribePhotos
{
    private const LONGEST_TEXT = 300;

    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  list<int>  $placementIds */
    public function view(Change $change, array $placementIds, ?View $view): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementIds, $view): string {
            $rows = ChosenPictures::rows($loaded, $placementIds);
            $ledger->update('placements', array_fill_keys($placementIds, ['view' => $view?->key]));

            return ChosenPictures::named($rows).($view === null ? ': no view' : ": view {$view->name}");
        });
    }

    public function altText(Change $change, int $placementId, string $text): ?HistoryEntry
    {
        if (mb_strlen($text) > self::LONGEST_TEXT) {
            throw new Refusal('The alt text can have '.self::LONGEST_TEXT.' characters; this has '.mb_strlen($text).'.', RefusalKind::Unreadable, 'text');
        }

        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementId, $text): string {
            $rows = ChosenPictures::rows($loaded, [$placementId]);
            $ledger->update('placements', [$placementId => ['alt_text' => trim($text)]]);

            return 'Alt text of '.ChosenPictures::named($rows);
        });
    }
}
