<?php

declare(strict_types=1);

namespace App\Intake\Rows;

use App\Store\Products\CatalogLookup;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\FollowSheet;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\SheetTerms;
use Core\Sheets\Verdicts\ProductVerdict;
use Core\Sheets\Verdicts\SheetJudge;
use Core\Sheets\Verdicts\SheetVerdict;

/** Says before it is written what would become of a product by rows that somebody typed. */
final readonly class RowPlan
{
    public function __construct(private CatalogLookup $catalog) {}

    /** @throws Refusal where a row cannot be */
    public function of(Product $product, GivenProduct $given, SheetTerms $terms): ProductVerdict
    {
        $verdict = (new SheetJudge($this->catalog))->judge(
            $product,
            false,
            $given,
            new FollowSheet($given, $terms, 'Rows'),
        );
        if ($verdict->verdict === SheetVerdict::Rejected) {
            throw new Refusal($verdict->words, RefusalKind::Unreadable);
        }

        return $verdict;
    }
}
