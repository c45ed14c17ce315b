<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\CodePlan;
use App\Catalog\CodePlanner;
use App\Catalog\CodeWish;
use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\CodePatternRecord;
use App\Models\HistoryEntry;
use Core\Codes\CodePattern;
use Core\Refusal;
use Core\RefusalKind;

/** Gives a product a pattern of the library, and its SKUs the codes that it makes. */
final class ApplyCodePattern
{
    public function __construct(private readonly UnitOfWork $work, private readonly CodePlanner $planner)
    {
    }

    /**
     * @param  ?int  $patternId  null for the usual one
     * @param  array<string, string>  $chosen  wanted code => the one that somebody chose in its place
     * @param  bool  $typedToo  whether codes that somebody typed are made anew as well
     */
    public function run(Change $change, ?int $patternId, array $chosen = [], bool $typedToo = false): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($patternId, $chosen, $typedToo): string {
            $plan = $this->plan($loaded, $patternId, $chosen, $typedToo);
            $plan->planned->settled();
            $ledger->update('products', [$loaded->product->id => ['code_pattern_id' => $patternId]]);
            $ledger->update('skus', $plan->updates());
            $name = $patternId === null ? 'the usual pattern' : 'the pattern '.CodePatternRecord::query()->findOrFail($patternId)->name;

            return "Codes are made by {$name}: {$plan->inWords()}";
        });
    }

    /** @param  array<string, string>  $chosen */
    public function plan(LoadedProduct $loaded, ?int $patternId, array $chosen, bool $typedToo): CodePlan
    {
        $pattern = $patternId === null
            ? CodePattern::usual()
            : CodePatternRecord::query()
                ->find($patternId)
                ?->toCore() ?? throw new Refusal(
                    'This pattern is not there any more. Choose another.',
                    RefusalKind::Gone,
                    'pattern',
                );

        return new CodePlan(
            $this->planner,
            $loaded,
            new CodeWish($loaded->product->code, $pattern, $chosen, $typedToo),
        );
    }
}
