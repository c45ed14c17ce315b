<?php

declare(strict_types=1);

namespace App\Actions\Rows;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Intake\Rows\RowPlan;
use App\Intake\Rows\RowTerms;
use App\Models\HistoryEntry;
use App\Models\Product as ProductRecord;
use App\Store\Products\ProductLoader;
use Core\CoreException;
use Core\Refusal;
use Core\Sheets\FollowSheet;
use Core\Sheets\RejectedRows;
use Core\Sheets\Typing\NewRows;
use Core\Sheets\Verdicts\ProductVerdict;

/**
 * Adds rows to a product: each is a SKU, and a value that the product does not have yet proposes the cells it needs.
 * What becomes of them is said before.
 */
final class AddRows
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly ProductLoader $loader,
        private readonly RowPlan $plan,
        private readonly RowTerms $terms,
    ) {}

    /**
     * What would become of the product.
     *
     * @param  non-empty-list<array<string, string>>  $rows  header => what stands there
     *
     * @throws Refusal where a row cannot be
     */
    public function plan(ProductRecord $record, array $rows): ProductVerdict
    {
        $product = $this->loader->again($record)->core;

        return $this->plan->of($product, NewRows::of($product, $rows), $this->terms->added());
    }

    /**
     * @param  non-empty-list<array<string, string>>  $rows  header => what stands there
     *
     * @throws RejectedRows|CoreException
     */
    public function run(Change $change, ProductRecord $record, array $rows): ?HistoryEntry
    {
        $given = NewRows::of($this->loader->again($record)->core, $rows);

        return $this->work->change($change, self::class, new FollowSheet($given, $this->terms->added(), 'Rows added'));
    }
}
