<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use Core\Sheets\Rows\GroupSlips;
use Illuminate\Support\Facades\DB;

/** Sorts the rows of a sheet by their products, and finds what two of them say that only one can have. */
final readonly class SheetSorting
{
    private const CHUNK = 2_000;

    /** Codes and numbers that several products of the sheet say, of which so many are named. */
    private const MOST_DOUBLES = 2_000;

    public function __construct(private SheetRows $rows, private SheetProducts $products) {}

    /** Sorts rows anew that are stored, after their columns were said otherwise. */
    public function sort(Sheet $sheet): void
    {
        $sorter = new RowSorter(LayoutRecord::decode($sheet->layout));
        $this->products->clear($sheet);
        $after = 0;
        while (($some = $this->rows->after($sheet, $after, self::CHUNK)) !== []) {
            [$ofRows, $fresh] = $sorter->sort($some);
            $this->products->insert($sheet, $fresh);
            $this->rows->sort($sheet, $ofRows);
            $after = array_key_last($some);
            $sheet->update(['beat_at' => now()]);
        }
        $this->finish($sheet, $sorter);
    }

    /**
     * Stores rows as they are read.
     *
     * @param  array<int, list<string>>  $some  cells by number of the row
     */
    public function store(Sheet $sheet, RowSorter $sorter, array $some): void
    {
        [$ofRows, $fresh] = $sorter->sort($some);
        $this->products->insert($sheet, $fresh);
        $this->rows->insert($sheet, $some, $ofRows);
        $sheet->update(['beat_at' => now()]);
    }

    /** All rows are sorted: the products can be looked at. */
    public function finish(Sheet $sheet, RowSorter $sorter): void
    {
        $this->products->noteNear($sheet, $this->near($sorter->groups()));
        $sheet->update([
            'terms' => ['doubles' => $sorter->doubles(self::MOST_DOUBLES)] + $sheet->terms,
            'state' => SheetState::Vetting,
            'through' => 0,
            'beat_at' => now(),
        ]);
    }

    /** Forgets what was read before it was broken off. */
    public function begin(Sheet $sheet): void
    {
        $this->products->clear($sheet);
        $this->rows->clear($sheet);
    }

    /**
     * Products that differ in one letter are probably one: those that nobody knows yet are asked about.
     *
     * @param  array<int, array{string, string}>  $groups  position => code, name
     * @return array<int, int> position => that of the other, which stands before it
     */
    private function near(array $groups): array
    {
        $known = [];
        foreach (array_chunk(array_column($groups, 0), 500) as $codes) {
            foreach (DB::table('products')->whereIn('code', $codes)->pluck('code') as $code) {
                $known[mb_strtoupper($code)] = true;
            }
        }
        $slips = new GroupSlips();
        $near = [];
        foreach ($groups as $position => [$code, $name]) {
            $other = $slips->see($position, $code, $name);
            if ($other !== null && !isset($known[mb_strtoupper($code)])) {
                $near[$position] = $other;
            }
        }

        return $near;
    }
}
