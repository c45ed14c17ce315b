<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Store\Products\CatalogLookup;
use App\Store\Products\LoadedProduct;
use Core\Changes\Codes\CodePlan;
use Core\Changes\Codes\MakeCodes;

/** Gives a product a pattern of the library, and its SKUs the codes that it makes. */
final class ApplyCodePattern
{
    public function __construct(private readonly UnitOfWork $work, private readonly CatalogLookup $catalog) {}

    /**
     * @param  ?int  $patternId  null for the usual one
     * @param  array<string, string>  $chosen  wanted code => the one that somebody chose in its place
     * @param  bool  $typedToo  whether codes that somebody typed are made anew as well
     */
    public function run(Change $change, ?int $patternId, array $chosen = [], bool $typedToo = false): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new MakeCodes($patternId, $chosen, $typedToo));
    }

    /** @param  array<string, string>  $chosen */
    public function plan(LoadedProduct $loaded, ?int $patternId, array $chosen, bool $typedToo): CodePlan
    {
        return (new MakeCodes($patternId, $chosen, $typedToo))->plan($loaded->core, $this->catalog);
    }
}
