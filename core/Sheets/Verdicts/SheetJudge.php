<?php

declare(strict_types=1);

namespace Core\Sheets\Verdicts;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\CoreException;
use Core\Product\Product;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\FollowSheet;
use Core\Sheets\Reading\CellProblem;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Reading\PlacedRow;
use Core\Sheets\Reading\ProblemKind;
use Core\Sheets\Reading\ReadSheet;
use Core\Sheets\Writing\CellWriter;
use Core\Sheets\Writing\SheetLine;
use Core\Sheets\Writing\SheetLines;

/** Says of a product in a sheet, before anything is written, what becomes of each of its rows. */
final readonly class SheetJudge
{
    public function __construct(private Catalog $catalog) {}

    /**
     * @param  Product  $product  as it is; with nothing in it where it is yet to be
     * @param  bool  $isNew  whether it is yet to be
     * @param  list<CellProblem>  $more  what is the matter beside what the product itself says
     */
    public function judge(
        Product $product,
        bool $isNew,
        GivenProduct $given,
        FollowSheet $follow,
        array $more = [],
    ): ProductVerdict {
        if (!$isNew && $more === [] && $follow->changesNothing($product)) {
            return $this->same($given);
        }
        $read = $follow->read($product, $this->catalog);
        $problems = [...$more, ...$read->problems];
        if ($problems === []) {
            try {
                $changed = $follow->become($product, $this->catalog, $read);

                return $this->sound($product, $isNew, $given, $read, $changed);
            } catch (CoreException $fault) {
                $problems[] = $this->refused($fault, $given);
            }
        }

        return $this->rejected($given, $problems);
    }

    /** @param  non-empty-list<CellProblem>  $problems */
    private function rejected(GivenProduct $given, array $problems): ProductVerdict
    {
        $byRow = [];
        foreach ($problems as $problem) {
            $byRow[$problem->row][] = $problem;
        }
        $rows = array_map(
            fn(int $row): RowVerdict => isset($byRow[$row])
                ? new RowVerdict($row, SheetVerdict::Rejected, [], $byRow[$row])
                : new RowVerdict($row, SheetVerdict::Held),
            self::numbers($given),
        );

        return new ProductVerdict(
            SheetVerdict::Rejected,
            "Row {$problems[0]->row}, {$problems[0]->column}: {$problems[0]->message}",
            $rows,
        );
    }

    private function sound(
        Product $product,
        bool $isNew,
        GivenProduct $given,
        ReadSheet $read,
        Changed $changed,
    ): ProductVerdict {
        $isSame = $changed->state === $product->state;
        $own = array_column(array_map(fn(PlacedRow $one): array => [$one->row->number, $one], $read->placed), 1, 0);
        if ($isSame && !$isNew) {
            return $this->same($given);
        }
        $after = new Product($changed->state, $product->library, $product->version);
        $changes = $isNew ? [] : $this->changes($product, $after, $given, $own);
        $rows = [];
        foreach (self::numbers($given) as $row) {
            $placed = $own[$row] ?? null;
            $rows[] = new RowVerdict(
                $row,
                match (true) {
                    $isNew,
                    $placed !== null && $placed->own?->isMade() !== true && isset($after->made[$placed->cell->key])
                        => SheetVerdict::Fresh,
                    ($changes[$row] ?? []) !== [] => SheetVerdict::Changed,
                    default => SheetVerdict::Same,
                },
                $changes[$row] ?? [],
            );
        }

        return new ProductVerdict(
            $isNew ? SheetVerdict::Fresh : SheetVerdict::Changed,
            $changed->words,
            $rows,
            $this->countLeftOut($product, $after, $read),
            self::additions($read),
        );
    }

    private function same(GivenProduct $given): ProductVerdict
    {
        $rows = array_map(fn(int $row): RowVerdict => new RowVerdict($row, SheetVerdict::Same), self::numbers($given));

        return new ProductVerdict(SheetVerdict::Same, '', $rows);
    }

    /**
     * @param  array<int, PlacedRow>  $own  by number of the row
     * @return array<int, array<string, array{string, string}>> number of the row => header of the field => from, to
     */
    private function changes(Product $from, Product $after, GivenProduct $given, array $own): array
    {
        [$old, $new] = [$this->lines($from), $this->lines($after)];
        $isRuled = $given->has(Field::of(FieldKind::BasePrice));
        [$oldWriter, $newWriter] = [new CellWriter($from), new CellWriter($after)];
        $changes = [];
        foreach ($given->rows as $at => $row) {
            $placed = $own[$row->number] ?? null;
            $cell = $placed?->cell->key ?? '';
            $before = $placed?->own?->cell->key ?? $cell;
            foreach ($given->fields as $field) {
                $isWhole = $field->isOfProduct();
                if ($field->kind->isIgnored() || $field->kind === FieldKind::Product || ($isWhole && $at > 0)) {
                    continue;
                }
                // Where a sheet has no base price, its prices are what the SKUs cost.
                $isCost = $field->kind === FieldKind::Price && !$isRuled;
                $shown = $isCost ? Field::of(FieldKind::EffectivePrice) : $field;
                $was = $this->text($oldWriter, $shown, $isWhole ? reset($old) : $old[$before] ?? false);
                $is = $this->text($newWriter, $shown, $isWhole ? reset($new) : $new[$cell] ?? false);
                if ($was !== $is) {
                    $changes[$row->number][$field->header()] = [$was, $is];
                }
            }
        }

        return $changes;
    }

    private function text(CellWriter $writer, Field $field, SheetLine|false $line): string
    {
        return $line === false ? '' : mb_strimwidth($writer->text($field, $line), 0, 300, '…');
    }

    /** @return array<string, SheetLine> by key of the cell */
    private function lines(Product $product): array
    {
        $lines = [];
        foreach (SheetLines::of($product) as $line) {
            $lines[$line->cell->key] = $line;
        }

        return $lines;
    }

    /** At which cell something is the matter that the catalog says of the product as a whole. */
    private function refused(CoreException $fault, GivenProduct $given): CellProblem
    {
        $message = $fault->getMessage();
        foreach ([FieldKind::Sku, FieldKind::Gtin] as $kind) {
            $field = Field::of($kind);
            foreach ($given->rows as $row) {
                $text = $row->text($field);
                if (
                    $text !== '' &&
                    preg_match('/(?<![\w-])' . preg_quote($text, '/') . '(?![\w-])/iu', $message) === 1
                ) {
                    return new CellProblem($row->number, $field->header(), ProblemKind::Taken, $message);
                }
            }
        }

        return new CellProblem(
            $given->rows[0]->number,
            Field::of(FieldKind::Product)->header(),
            ProblemKind::Impossible,
            $message,
        );
    }

    private function countLeftOut(Product $before, Product $after, ReadSheet $read): int
    {
        if ($before->matrix === $after->matrix) {
            return 0;
        }
        $rows = array_flip(array_map(fn(PlacedRow $one): string => $one->cell->key, $read->placed));
        $count = 0;
        foreach ($after->matrix->combinations() as $cell) {
            $isOut = !$after->matrix->isOffered($cell);
            $wasOut = $before->matrix->isCell($cell) && !$before->matrix->isOffered($cell);
            $count += $isOut && !$wasOut && !isset($rows[$cell->key]) ? 1 : 0;
        }

        return $count;
    }

    /** @return list<string> */
    private static function additions(ReadSheet $read): array
    {
        $additions = [];
        foreach ($read->named as $axis) {
            if ($axis->isNew()) {
                $additions[] = "the axis {$axis->axis->name}";
            }
            foreach ($axis->newValues() as $label) {
                $additions[] = "{$axis->axis->name} {$label}";
            }
        }

        return $additions;
    }

    /** @return list<int> */
    private static function numbers(GivenProduct $given): array
    {
        return array_values(array_unique(array_map(fn(GivenRow $row): int => $row->number, $given->rows)));
    }
}
