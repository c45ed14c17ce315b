<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use Core\CoreException;

/** A part of the library as it travels: one table, by names in the place of ids. */
interface PortableTable
{
    /** What the file is called: "values". */
    public function name(): string;

    /** What it holds, for people. */
    public function description(): string;

    /** @return list<PortableColumn> those of its key first */
    public function columns(): array;

    /** @return iterable<list<string>> the rows of this catalog, in its order, as many texts as columns */
    public function rows(): iterable;

    /**
     * By which a row is the same here and elsewhere, whatever else it says.
     *
     * @throws CoreException
     */
    public function key(PortableRow $row): string;

    /** @return array<string, int> keys of what is here => id of the row */
    public function known(): array;

    /** What is new: "the value Moss of Color". */
    public function inWords(PortableRow $row): string;

    /**
     * Looks whether it could be added, without the rest of the library.
     *
     * @throws CoreException
     */
    public function check(PortableRow $row): void;

    /**
     * Adds rows that this catalog lacks, whose pictures are stored.
     *
     * @param  list<PortableRow>  $rows  in their order
     *
     * @throws CoreException
     */
    public function add(Ledger $ledger, array $rows): void;

    /** The table of the database that it is kept in. */
    public function keptIn(): string;
}
