<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use Core\CoreException;
use Illuminate\Support\Facades\DB;

/** The library as it travels: its tables, in the order in which they build on each other. */
final readonly class PortableLibrary
{
    /** @return list<PortableTable> */
    public function tables(): array
    {
        return [
            new AxesTable(),
            new ValuesTable(),
            new SizeRunsTable(),
            new ViewsTable(),
            new ShotListsTable(),
            new CodePatternsTable(),
            new GtinRangesTable(),
            new AltTextsTable(),
            new SenderWordsTable(),
            new BannersTable(),
        ];
    }

    /** @return list<string> checksums of the pictures that the library of this catalog has, each once */
    public function pictures(): array
    {
        $ids = DB::table('axis_values')
            ->whereNotNull('swatch_photo_id')
            ->select('swatch_photo_id')
            ->union(DB::table('banners')->select('photo_id'));

        return array_values(DB::table('photos')->whereIn('id', $ids)->orderBy('sha256')->pluck('sha256')->all());
    }

    /**
     * @param  array<string, list<PortableRow>>  $rows  by table
     * @return list<string> checksums of the pictures that these rows have, each once
     */
    public function picturesOf(array $rows): array
    {
        $values = new ValuesTable();
        $sums = [
            ...array_map($values->picture(...), $rows[$values->name()] ?? []),
            ...array_map(fn(PortableRow $row): string => $row->text('sha256'), $rows['banners'] ?? []),
        ];

        return array_values(array_unique(array_filter($sums)));
    }

    /**
     * What is amiss with rows that come from elsewhere.
     *
     * @param  array<string, list<PortableRow>>  $rows  by table
     * @return list<string>
     */
    public function faults(array $rows): array
    {
        $faults = [];
        foreach ($this->tables() as $table) {
            $met = [];
            foreach ($rows[$table->name()] ?? [] as $row) {
                try {
                    $table->check($row);
                    $key = $table->key($row);
                } catch (CoreException $fault) {
                    $faults[] = "{$table->name()}.csv, row {$row->number}: {$fault->getMessage()}";

                    continue;
                }
                if (isset($met[$key])) {
                    $faults[] = "{$table->name()}.csv, row {$row->number}: row {$met[$key]} is the same.";
                }
                $met[$key] = $row->number;
            }
        }

        return $faults;
    }

    /**
     * Rows that this catalog has nothing like.
     *
     * @param  array<string, list<PortableRow>>  $rows  by table
     * @return array<string, list<PortableRow>> by table
     */
    public function lacking(array $rows): array
    {
        $lacking = [];
        foreach ($this->tables() as $table) {
            $known = $table->known();
            $lacking[$table->name()] = array_values(
                array_filter(
                    $rows[$table->name()] ?? [],
                    fn(PortableRow $row): bool => !isset($known[$table->key($row)]),
                ),
            );
        }

        return $lacking;
    }

    /**
     * What add() would add.
     *
     * @param  array<string, list<PortableRow>>  $rows  by table
     * @return array<string, list<PortableRow>> by table
     */
    public function additions(array $rows): array
    {
        return $this->isUntouched() ? $rows : $this->lacking($rows);
    }

    /**
     * @param  array<string, list<PortableRow>>  $lacking  by table
     * @return list<string> what is new here, in words
     */
    public function inWords(array $lacking): array
    {
        $words = [];
        foreach ($this->tables() as $table) {
            array_push($words, ...array_map($table->inWords(...), $lacking[$table->name()] ?? []));
        }

        return $words;
    }

    /** Whether nobody has put anything into this catalog: what came with it gives place to what is brought. */
    public function isUntouched(): bool
    {
        return DB::table('products')->doesntExist() && DB::table('axes')->doesntExist();
    }

    /**
     * Adds what this catalog lacks; what it has stays as it is. A catalog that nobody has touched takes all of it for
     * its own.
     *
     * @param  array<string, list<PortableRow>>  $rows  by table
     *
     * @throws CoreException
     */
    public function add(Ledger $ledger, array $rows): void
    {
        if ($this->isUntouched()) {
            foreach (array_reverse($this->tables()) as $table) {
                $ledger->delete($table->keptIn(), array_values($table->known()));
            }
        }
        foreach ($this->tables() as $table) {
            $lacking = $this->lacking([$table->name() => $rows[$table->name()] ?? []])[$table->name()];
            $table->add($ledger, $lacking);
        }
    }
}
