<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenSkus;
use App\Catalog\NumberKind;
use App\Catalog\TakenCodes;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\CoreException;
use Core\Details\Counting;
use Core\Matrix\Combination;
use Core\Pricing\Currency;
use Core\Product\Sku;
use Core\Sheets\CellGrid;
use Core\Sheets\PastedBlock;

/** Writes a block of a spreadsheet into the cells of the matrix: all of it, or nothing where one cell cannot be read. */
final class PasteBlock
{
    public function __construct(private readonly Keeper $keeper, private readonly TakenCodes $taken)
    {
    }

    /**
     * @param  CellGrid  $grid  the cells as they lie on screen
     * @param  bool  $isFirst  whether only the cell was pointed at where the block begins
     */
    public function run(Change $change, NumberKind $kind, CellGrid $grid, PastedBlock $block, bool $isFirst): ?HistoryEntry
    {
        if ($grid->isEmpty()) {
            throw new Refused('Select a rectangle of cells that the block goes into, or the one cell where it begins.', Kind::Missing, 'block');
        }
        $block = $kind === NumberKind::Code ? $block : $block->withoutHeading();
        $filled = $grid->filled($block, $isFirst);
        $selection = CellGrid::selection(array_map(strval(...), array_keys($filled)));

        return $this->keeper->keepSkus($change, self::class, $selection, function (Ledger $ledger, ChosenSkus $chosen) use ($kind, $filled): string {
            $skus = array_column(array_map(fn (Sku $sku): array => [$sku->cell->key, $sku], $chosen->skus), 1, 0);
            if ($kind === NumberKind::Stock && $chosen->book->counting !== Counting::Sku) {
                throw new Refused("Stock is counted for {$chosen->book->counting->inWords()} here, so that a block of figures for single SKUs says nothing. Type the units, or count for each SKU.", Kind::Impossible, 'block');
            }
            $currency = Currency::of($chosen->product->currency);
            $updates = $places = [];
            foreach ($filled as $key => [$row, $column, $typed]) {
                $sku = $skus[$key] ?? null;
                $where = "Row {$row}, column {$column} (".$this->named($chosen, (string) $key).')';
                if ($sku === null && $typed !== '') {
                    throw new Refused("{$where}: no SKU is on offer there. Nothing was changed.", Kind::Gone, 'block', $row, (string) $column);
                }
                if ($sku !== null) {
                    $places[$sku->id] = [$row, $column, $where];
                    $updates[$sku->id] = $this->read($kind, $typed, $currency, $row, $column, $where);
                }
            }
            if ($updates === []) {
                throw new Refused('No SKU is on offer in these cells.', Kind::Missing, 'block');
            }
            if ($kind === NumberKind::Code) {
                $this->refuseTaken($updates, $places, $chosen);
            }
            if ($kind === NumberKind::Gtin) {
                $this->refuseTakenGtins($updates, $places);
            }
            $ledger->update('skus', $updates);

            return 'Pasted '.count($updates)." {$kind->inWords(count($updates))} onto {$chosen->place()}";
        });
    }

    /** @return array<string, int|string|null> */
    private function read(NumberKind $kind, string $typed, Currency $currency, int $row, int $column, string $where): array
    {
        try {
            return $kind->columns($typed, $currency);
        } catch (CoreException|Refused $problem) {
            throw new Refused("{$where}: {$problem->getMessage()} Nothing was changed.", Kind::Unreadable, 'block', $row, (string) $column);
        }
    }

    /**
     * A code is refused that comes twice, or that another has; SKUs of one block may exchange theirs.
     *
     * @param  array<int, array<string, int|string|null>>  $updates  by SKU id
     * @param  array<int, array{int, int, string}>  $places  by SKU id
     */
    private function refuseTaken(array $updates, array $places, ChosenSkus $chosen): void
    {
        $own = array_column(array_map(fn (Sku $sku): array => [$sku->id, mb_strtoupper($sku->code)], $chosen->skus), 1, 0);
        $codes = array_map(fn (array $columns): string => (string) $columns['code'], $updates);
        $changed = array_filter($codes, fn (string $code, int $id): bool => mb_strtoupper($code) !== $own[$id], ARRAY_FILTER_USE_BOTH);
        $taken = $this->taken->among(
            array_values($changed),
            $chosen->matrix->axes === [] ? $chosen->product->id : null,
            array_keys($updates),
        );
        $met = [];
        foreach ($codes as $id => $code) {
            $upper = mb_strtoupper($code);
            [$row, $column, $where] = $places[$id];
            $owner = isset($met[$upper]) ? $met[$upper] : (isset($changed[$id]) ? $taken[$upper] ?? null : null);
            if ($owner !== null) {
                throw new Refused("{$where}: {$code} is the code of {$owner}. Nothing was changed.", Kind::Taken, 'block', $row, (string) $column);
            }
            $met[$upper] = 'another cell of the block';
        }
    }

    /**
     * @param  array<int, array<string, int|string|null>>  $updates  by SKU id
     * @param  array<int, array{int, int, string}>  $places  by SKU id
     */
    private function refuseTakenGtins(array $updates, array $places): void
    {
        $gtins = array_filter(array_map(fn (array $columns): string => (string) $columns['gtin'], $updates), fn (string $gtin): bool => $gtin !== '');
        $taken = $this->taken->gtins(array_values($gtins), array_keys($updates));
        $met = [];
        foreach ($gtins as $id => $gtin) {
            [$row, $column, $where] = $places[$id];
            $same = ltrim($gtin, '0');
            $owner = isset($met[$same]) ? 'another cell of the block' : $taken[$gtin] ?? null;
            if ($owner !== null) {
                throw new Refused("{$where}: {$gtin} is the GTIN of {$owner}. Nothing was changed.", Kind::Taken, 'block', $row, (string) $column);
            }
            $met[$same] = true;
        }
    }

    private function named(ChosenSkus $chosen, string $key): string
    {
        return $chosen->matrix->inWords(Combination::fromKey($key)) ?: 'the product';
    }
}
