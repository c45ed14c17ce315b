<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\ShowView;
use Core\Changes\Pictures\TypeAltText;
use Core\Gallery\View;

/** Says what pictures show: their view, or the text that stands for one. */
final class DescribePhotos
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  list<int>  $placementIds */
    public function view(Change $change, array $placementIds, ?View $view): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new ShowView($placementIds, $view));
    }

    public function altText(Change $change, int $placementId, string $text): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new TypeAltText($placementId, $text));
    }
}
