<?php

declare(strict_types=1);

namespace App\Actions\Rows;

use App\Changing\UnitOfWork;
use App\Files\Sheets\SheetColumns;
use App\History\Change;
use App\Intake\Rows\RowPlan;
use App\Intake\Rows\RowTerms;
use App\Models\HistoryEntry;
use App\Models\Product as ProductRecord;
use App\Store\Products\ProductLoader;
use Core\CoreException;
use Core\Product\Product;
use Core\Refusal;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\FollowSheet;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\RejectedRows;
use Core\Sheets\Typing\AxisColumn;
use Core\Sheets\Typing\AxisWish;
use Core\Sheets\Verdicts\ProductVerdict;

/** Makes an axis of a column of a product's rows: what becomes of its SKUs is said before. */
final class ColumnToAxis
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly ProductLoader $loader,
        private readonly RowPlan $plan,
        private readonly RowTerms $terms,
    ) {}

    /** @return list<AxisColumn> columns that could make SKUs */
    public function columns(Product $product, ProductRecord $record): array
    {
        return AxisColumn::among($product, SheetColumns::of([$record->id])->fields);
    }

    /**
     * What would become of the product.
     *
     * @throws Refusal where it cannot be
     */
    public function plan(ProductRecord $record, AxisWish $wish): ProductVerdict
    {
        $product = $this->loader->again($record)->core;
        $given = $this->given($product, $record, $wish);

        return $this->plan->of($product, $given, $this->terms->added($wish->confirmed($given)));
    }

    /** @throws RejectedRows|CoreException */
    public function run(Change $change, ProductRecord $record, AxisWish $wish): ?HistoryEntry
    {
        $given = $this->given($this->loader->again($record)->core, $record, $wish);
        $terms = $this->terms->added($wish->confirmed($given));

        $name = $given->fields(FieldKind::Axis)[0]->name ?? '';

        return $this->work->change(
            $change,
            self::class,
            new FollowSheet($given, $terms, "A column made the axis {$name}"),
        );
    }

    private function given(Product $product, ProductRecord $record, AxisWish $wish): GivenProduct
    {
        return $wish->given($product, SheetColumns::of([$record->id])->fields);
    }
}
