<?php

declare(strict_types=1);

namespace Core\Sheets\Rows;

/** A sheet that says more of the rows of another, found by a key. */
final readonly class JoinedSheet
{
    /** @var array<string, int> what stands in its key => row */
    private array $rows;

    /**
     * @param  int  $from  place in the row so far, by which it is found
     * @param  int  $key  place of its own key
     * @param  list<int>  $places  of its other columns
     * @param  int  $width  cells of the row so far
     * @param  int  $unused  rows that nobody asks for
     */
    public function __construct(
        public SheetTable $table,
        private int $from,
        public int $key,
        private array $places,
        private int $width,
        public int $unused = 0,
    ) {
        $this->rows = $table->column($key);
    }

    /**
     * @param  list<string>  $cells  of the row so far
     * @return list<string> with those of this sheet behind them
     */
    public function onto(array $cells): array
    {
        $at = $this->rows['=' . SheetTable::folded($cells[$this->from] ?? '')] ?? null;
        $own = $at === null ? [] : $this->table->rows[$at];

        return [
            ...array_pad(array_slice($cells, 0, $this->width), $this->width, ''),
            ...array_map(fn(int $place): string => $own[$place] ?? '', $this->places),
        ];
    }
}
