<?php

declare(strict_types=1);

namespace App\Intake\Rows;

use App\Intake\Sheets\StoredShelf;
use App\Store\Library\ViewShelf;
use Core\Sheets\Reading\EmptyCells;
use Core\Sheets\Reading\SheetTerms;

/** How what is typed into rows is read: as our own sheet, with the pictures and views of the shop. */
final readonly class RowTerms
{
    public function __construct(private ViewShelf $views) {}

    /** What is typed over a cell takes its place; nothing takes away what is there. */
    public function typed(): SheetTerms
    {
        return new SheetTerms(new StoredShelf(), $this->views->views(), EmptyCells::Clear, isOurs: true);
    }

    /**
     * A row that is added says what it says, and is silent of the rest.
     *
     * @param  array<string, true>  $confirmed  names that are new although they are nearly what is there
     */
    public function added(array $confirmed = []): SheetTerms
    {
        return new SheetTerms(new StoredShelf(), $this->views->views(), EmptyCells::Keep, $confirmed, isOurs: true);
    }
}
