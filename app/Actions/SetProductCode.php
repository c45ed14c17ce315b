<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\CodePlan;
use App\Catalog\CodePlanner;
use App\Catalog\CodeWish;
use App\Catalog\FormerCodes;
use App\Catalog\LoadedProduct;
use App\Catalog\TakenCodes;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Refusal;
use Core\RefusalKind;

/** Gives a product another code, and if wanted its SKUs those that the pattern makes of it. */
final class SetProductCode
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly CodePlanner $planner,
        private readonly TakenCodes $taken,
    ) {
    }

    /**
     * @param  array<string, string>  $chosen  wanted code => the one that somebody chose in its place
     * @param  bool  $skusToo  whether its SKUs get other codes, but for those that somebody typed
     */
    public function run(Change $change, string $typed, bool $skusToo, array $chosen = []): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($typed, $skusToo, $chosen): string {
            $code = self::code($typed);
            $plan = $skusToo ? $this->plan($loaded, $code, $chosen) : null;
            $this->refuseTaken($loaded, $code, $plan);
            $plan?->planned->settled();
            $ledger->update('skus', $plan?->updates() ?? []);
            $ledger->update('products', [$loaded->product->id => ['code' => $code]]);
            FormerCodes::remember($loaded->product->id, $loaded->product->code, $code);

            return "Code of the product set to {$code} (was {$loaded->product->code})"
                .($plan === null ? '; its SKUs keep theirs' : ": {$plan->inWords()}");
        });
    }

    /**
     * What becomes of the codes of its SKUs.
     *
     * @param  array<string, string>  $chosen
     *
     * @throws Refusal where it cannot be a code
     */
    public function plan(LoadedProduct $loaded, string $typed, array $chosen): CodePlan
    {
        $pattern = $this->planner->patternOf($loaded->product);

        return new CodePlan($this->planner, $loaded, new CodeWish(self::code($typed), $pattern, $chosen));
    }

    /** @throws Refusal where another product or SKU has it */
    public function refuseTaken(LoadedProduct $loaded, string $code, ?CodePlan $plan): void
    {
        $sharing = $loaded->matrix->axes === [] ? array_keys(array_column($loaded->skus, null, 'id')) : [];
        $taken = $this->taken->among(
            [$code],
            $loaded->product->id,
            [...$sharing, ...array_keys($plan?->updates() ?? [])],
        );
        if ($taken !== []) {
            throw new Refusal(
                "{$code} is the code of ".array_values($taken)[0].'. Choose another.',
                RefusalKind::Taken,
                'code',
            );
        }
    }

    /** @throws Refusal where it cannot be a code */
    public static function code(string $typed): string
    {
        $code = trim($typed);
        if (preg_match(CreateProduct::CODE_PATTERN, $code) !== 1) {
            throw new Refusal(
                'A code of a product has up to 40 letters, digits, points, dashes and underscores, and begins with a letter or a digit.',
                RefusalKind::Unreadable,
                'code',
            );
        }

        return $code;
    }
}
