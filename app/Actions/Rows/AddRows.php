<?php

declare(strict_types=1);

namespace App\Actions\Rows;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Intake\Sheets\RowTerms;
use App\Models\HistoryEntry;
use App\Models\Product as ProductRecord;
use App\Store\Products\CatalogLookup;
use App\Store\Products\ProductLoader;
use Core\CoreException;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\FollowSheet;
use Core\Sheets\RejectedRows;
use Core\Sheets\Typing\NewRows;
use Core\Sheets\Verdicts\ProductVerdict;
use Core\Sheets\Verdicts\SheetJudge;
use Core\Sheets\Verdicts\SheetVerdict;

/**
 * Adds rows to a product: each is a SKU, and a value that the product does not have yet proposes the cells it needs.
 * What becomes of them is said before.
 */
final class AddRows
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly ProductLoader $loader,
        private readonly CatalogLookup $catalog,
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
        $given = NewRows::of($product, $rows);
        $verdict = (new SheetJudge($this->catalog))->judge(
            $product,
            false,
            $given,
            new FollowSheet($given, $this->terms->added(), 'Rows'),
        );
        if ($verdict->verdict === SheetVerdict::Rejected) {
            throw new Refusal($verdict->words, RefusalKind::Unreadable);
        }

        return $verdict;
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
