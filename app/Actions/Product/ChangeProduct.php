<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Store\Words\FormattedText;
use Core\Changes\BecomeState;
use Core\Changes\Matrix\MatrixChoices;
use Core\Product\ProductState;

/** Makes a product what somebody wants it to be: the difference is stored in one transaction and one entry. */
final class ChangeProduct
{
    public function __construct(private readonly UnitOfWork $work) {}

    /**
     * @param  ProductState  $wanted  its axes and values are of the library
     * @param  string  $words  why, such as the sheet it comes from; what changed is said behind it
     * @return ?HistoryEntry null where it is so already
     */
    public function run(
        Change $change,
        ProductState $wanted,
        string $words,
        MatrixChoices $choices = new MatrixChoices(),
    ): ?HistoryEntry {
        $text = FormattedText::cleaned($wanted->details->description);
        $clean = $wanted->withDetails($wanted->details->with(['description' => $text]));

        return $this->work->change($change, self::class, new BecomeState($clean, $words, $choices));
    }
}
