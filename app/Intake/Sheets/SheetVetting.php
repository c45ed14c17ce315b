<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Product as ProductRecord;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use App\Store\Library\ViewShelf;
use App\Store\Products\CatalogLookup;
use App\Store\Products\PortionCatalog;
use App\Store\Products\ProductLoader;
use Core\Changes\Codes\ProductCode;
use Core\CoreException;
use Core\Matrix\Matrix;
use Core\Pricing\Currency;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\FollowSheet;
use Core\Sheets\Reading\CellProblem;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\PictureCells;
use Core\Sheets\Reading\ProblemKind;
use Core\Sheets\Reading\SheetTerms;
use Core\Sheets\Verdicts\ProductVerdict;
use Core\Sheets\Verdicts\SheetJudge;

/** Holds the products of a sheet against the catalog, some at a time: nothing of the catalog is written. */
final readonly class SheetVetting
{
    public const USUAL_CURRENCY = 'EUR';

    private const AT_ONCE = 50;

    public function __construct(
        private SheetRows $rows,
        private SheetProducts $products,
        private ProductLoader $loader,
        private CatalogLookup $catalog,
        private ViewShelf $shelf,
    ) {}

    /** @return bool whether there is more to do */
    public function advance(Sheet $sheet): bool
    {
        $items = $this->products->after($sheet, $sheet->through, self::AT_ONCE);
        if ($items === []) {
            $sheet->update(['state' => SheetState::Ready, 'beat_at' => now()]);

            return false;
        }
        $items = $this->products->fitting($sheet, $items);
        $this->vet($sheet, $items);
        $sheet->update(['through' => $items[count($items) - 1]->position, 'beat_at' => now()]);

        return true;
    }

    /**
     * Looks anew at some products, after cells of them were mended.
     *
     * @param  list<SheetItem>  $items
     */
    public function vet(Sheet $sheet, array $items): void
    {
        [$verdicts, $productIds] = $this->judged($sheet, $items);
        $this->products->note($sheet, $verdicts, $productIds);
        $this->rows->note($sheet, $verdicts);
    }

    /**
     * @param  list<SheetItem>  $items
     * @return array<int, FollowSheet> what the sheet does to products, by position
     */
    public function changes(Sheet $sheet, array $items): array
    {
        $terms = $this->terms($sheet);

        return array_map(
            fn(GivenProduct $given): FollowSheet => new FollowSheet($given, $terms, "Sheet {$sheet->name}"),
            $this->given($sheet, $items, $terms),
        );
    }

    /**
     * @param  list<SheetItem>  $items
     * @return array{array<int, ProductVerdict>, array<int, int>} by position; and the products that are there
     */
    private function judged(Sheet $sheet, array $items): array
    {
        $terms = $this->terms($sheet);
        $given = $this->given($sheet, $items, $terms);
        $codes = array_map(fn(SheetItem $item): string => $item->code, $items);
        $records = ProductRecord::query()->whereIn('code', $codes)->get();
        $loaded = $this->loader->loadMany(array_values($records->all()));
        $there = $records->keyBy(fn(ProductRecord $record): string => mb_strtoupper($record->code));
        $taken = $this->catalog->codes($codes, null, []);
        $follows = array_map(
            fn(GivenProduct $own): FollowSheet => new FollowSheet($own, $terms, "Sheet {$sheet->name}"),
            $given,
        );
        $catalog = new PortionCatalog($this->catalog);
        $catalog->lookUp($follows, $loaded);
        $judge = new SheetJudge($catalog);
        $verdicts = $ids = [];
        foreach ($items as $item) {
            $record = $there->get(mb_strtoupper($item->code));
            $isNew = $record === null || $record->removed_at !== null;
            $product = $record === null ? self::nothing($item->code) : $loaded[$record->id]->core;
            $own = $given[$item->position] ?? null;
            if ($own === null) {
                continue;
            }
            $more = [
                ...$isNew ? $this->faultsOfNew($item, $own, $record === null ? $taken : []) : [],
                ...$this->faultsOfSheet($sheet, $item, $own, $items),
            ];
            $verdicts[$item->position] = $judge->judge($product, $isNew, $own, $follows[$item->position], $more);
            if (!$isNew) {
                $ids[$item->position] = $record->id;
            }
        }

        return [$verdicts, $ids];
    }

    public static function nothing(string $code): Product
    {
        return new Product(
            new ProductState(new ProductDetails('', $code, Currency::of(self::USUAL_CURRENCY)), Matrix::of([])),
        );
    }

    /**
     * @param  array<string, string>  $taken  code in capitals => what has it
     * @return list<CellProblem>
     */
    private function faultsOfNew(SheetItem $item, GivenProduct $given, array $taken): array
    {
        $row = $given->rows[0]->number;
        $faults = [];
        if ($given->first(Field::of(FieldKind::Name)) === '') {
            $faults[] = new CellProblem(
                $row,
                FieldKind::Name->value,
                ProblemKind::Missing,
                $item->code === ''
                    ? 'Nothing says which product this row is about: give it a code or a name.'
                    : "No product has the code {$item->code} yet, and a new one needs a name.",
            );
        }
        try {
            ProductCode::read($item->code);
        } catch (CoreException $fault) {
            $faults[] = new CellProblem($row, FieldKind::Product->value, ProblemKind::Unreadable, $fault->getMessage());
        }
        $owner = $taken[mb_strtoupper($item->code)] ?? null;
        if ($owner !== null) {
            $faults[] = new CellProblem(
                $row,
                FieldKind::Product->value,
                ProblemKind::Taken,
                "{$item->code} is the code of {$owner}. Give the product another.",
            );
        }

        return $faults;
    }

    /**
     * What two products of the sheet say that only one can have, and names that differ in a letter.
     *
     * @param  list<SheetItem>  $items
     * @return list<CellProblem>
     */
    private function faultsOfSheet(Sheet $sheet, SheetItem $item, GivenProduct $given, array $items): array
    {
        $faults = [];
        $numbers = array_flip(array_map(fn($row): int => $row->number, $given->rows));
        foreach (TermsRecord::of($sheet)->doubles as [$row, $header, $other]) {
            if (isset($numbers[$row])) {
                $faults[] = new CellProblem(
                    $row,
                    $header,
                    ProblemKind::Taken,
                    "Row {$other}, of another product, says the same. No two SKUs can have the same.",
                );
            }
        }
        $confirmed = TermsRecord::of($sheet)->confirmed;
        $by = $item->isCoded ? FieldKind::Product : FieldKind::Name;
        $said = $item->isCoded ? $item->code : $item->name;
        if ($item->near !== null && !isset($confirmed[SheetTerms::confirmation($by->value, $said)])) {
            $other = $this->products->at($sheet, [$item->near])[$item->near] ?? null;
            $faults[] = new CellProblem(
                $given->rows[0]->number,
                $by->value,
                ProblemKind::Near,
                "“{$said}” is new, and nearly “" .
                    ($item->isCoded ? $other?->code : $other?->name) .
                    '”, which this sheet has too. Join them, or say that it is another product.',
                (string) ($item->isCoded ? $other?->code : $other?->name),
            );
        }

        return $faults;
    }

    private function terms(Sheet $sheet): SheetTerms
    {
        $terms = TermsRecord::of($sheet);

        return new SheetTerms(
            new StoredShelf(),
            $this->shelf->views(),
            $terms->empty,
            $terms->confirmed,
            LayoutRecord::decode($sheet->layout)->isOurs(),
        );
    }

    /**
     * @param  list<SheetItem>  $items
     * @return array<int, GivenProduct> by position
     */
    private function given(Sheet $sheet, array $items, SheetTerms $terms): array
    {
        $positions = array_map(fn(SheetItem $item): int => $item->position, $items);
        $given = $this->rows->products($sheet, LayoutRecord::decode($sheet->layout), $positions);
        $names = [];
        foreach ($given as $own) {
            foreach ($own->rows as $row) {
                array_push($names, ...PictureCells::names($row->text(Field::of(FieldKind::Photos))));
            }
        }
        if ($terms->pictures instanceof StoredShelf) {
            $terms->pictures->ask(array_values(array_unique($names)));
        }

        return $given;
    }
}
