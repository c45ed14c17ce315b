<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Http\Screens\Pictures\PictureLinks;
use App\Store\Products\LoadedProduct;
use Core\Gallery\Entry;
use Core\Matrix\Combination;

/** Cells of SKUs as the lens of photos draws them: each with its Lead. */
final readonly class PhotoCells
{
    /** Key of the cell that somebody chose to open the product. */
    private ?string $opensAt;

    public function __construct(private LoadedProduct $loaded, private PictureLinks $pictures)
    {
        $this->opensAt = $loaded->core->hasChosenOpening() ? $loaded->core->opens()->cell()?->key : null;
    }

    public function cell(Combination $cell): BoardCell
    {
        $place = $this->loaded->core->matrix->inWords($cell);
        $gallery = $this->loaded->core->galleries()->of($cell);
        $lead = $gallery->lead();
        if ($gallery->isEmpty()) {
            return new BoardCell(
                $cell->key,
                'made',
                __('board.place_no_picture', ['place' => $place]),
                text: __('board.no_picture'),
                warns: true,
            );
        }
        $own = 0;
        foreach ($gallery->entries as $entry) {
            $own += $this->isOwn($entry) ? 1 : 0;
        }

        return new BoardCell(
            $cell->key,
            'made',
            $place . ': ' . ($lead === null ? 'no Lead' : $lead->file),
            $lead === null ? null : $this->pictures->thumb($lead),
            $lead === null ? __('board.no_lead') : '',
            implode(
                ', ',
                array_filter([
                    $own > 0 ? __('board.own_own', ['own' => $own]) : '',
                    $this->isOpening($cell) ? 'opens' : '',
                ]),
            ),
            $lead === null,
        );
    }

    /** Whether somebody chose this SKU as the one that shoppers see first. */
    private function isOpening(Combination $cell): bool
    {
        return $this->opensAt === $cell->key;
    }

    /** Whether a picture is there for some values of an axis only that does not change pictures, such as one size. */
    private function isOwn(Entry $entry): bool
    {
        foreach ($entry->through->axisIds() as $axisId) {
            if ($this->loaded->core->matrix->axis($axisId)?->changesPicture === false) {
                return true;
            }
        }

        return false;
    }
}
