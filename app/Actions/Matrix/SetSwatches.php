<?php

declare(strict_types=1);

namespace App\Actions\Matrix;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\HistoryOwner;
use App\Models\LibraryValue;
use App\Models\Product;
use App\Store\Library\LeadSwatches;
use App\Store\Library\LibraryLeads;
use App\Store\Library\SwatchStore;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductColors;
use App\Store\Products\ProductLoader;
use Core\Changes\Values\SetValueSwatches;
use Core\Checks\FilledGaps;
use Core\Checks\SwatchChecks;
use Core\Color\Swatches\Swatch;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Value;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Gives values their swatches: one that was made, those that were measured, or those that pictures have for the gaps.
 */
final class SetSwatches
{
    private const NAMED = 6;

    public function __construct(
        private readonly UnitOfWork $work,
        private readonly ProductLoader $loader,
        private readonly SwatchStore $store,
        private readonly LeadSwatches $leads,
        private readonly LibraryLeads $libraryLeads,
    ) {}

    /**
     * @param  ?Swatch  $swatch  null for none; of a product's own, as the library has it
     * @param  bool  $hereOnly  of this product only
     * @param  ?string  $seen  what was seen before as the library's swatch, as stored; empty for none
     */
    public function one(
        Change $change,
        int $valueId,
        ?Swatch $swatch,
        bool $hereOnly = false,
        ?string $seen = null,
    ): ?HistoryEntry {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger, HistoryOwner $kept) use (
            $valueId,
            $swatch,
            $hereOnly,
            $seen,
        ): string {
            $this->store->refuseChanged([$valueId], $seen === null ? [] : [$valueId => $seen]);
            $given = $this->given($ledger, $kept, [$valueId => $swatch], $hereOnly, '');
            $value = LibraryValue::with('axis')->findOrFail($valueId);

            return $hereOnly
                ? $given
                : "Swatch of {$value->axis->name} {$value->name} is " . ($swatch?->inWords() ?? 'gone');
        });
    }

    /**
     * What the pictures of values show, accepted as it was seen or not at all.
     *
     * @param  array<int, string>  $measured  value id => the swatch that was seen as measured, as stored
     *
     * @throws Refusal
     */
    public function measured(Change $change, int $axisId, array $measured, bool $hereOnly): ?HistoryEntry
    {
        if ($measured === []) {
            throw new Refusal('Mark the values whose measured colors are to be taken.', RefusalKind::Missing, 'values');
        }

        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger, HistoryOwner $kept) use (
            $axisId,
            $measured,
            $hereOnly,
        ): string {
            $loaded = $this->loaded($kept);
            $colors = new ProductColors($loaded);
            $axis = $loaded->core->axis($axisId);
            $swatches = [];
            foreach ($measured as $valueId => $text) {
                $now = $colors->of($axis)->measured($valueId, $colors->accused($axis))?->swatch;
                if ($now?->text() !== $text) {
                    throw new Refusal(
                        'The pictures show other colors by now. Look at them again.',
                        RefusalKind::Changed,
                        'values',
                    );
                }
                $swatches[$valueId] = $now;
            }

            return $this->given($ledger, $kept, $swatches, $hereOnly, 'taken from pictures');
        });
    }

    /**
     * Fills what shoppers miss on an axis of a product from the pictures they see first. A piece of its cloth is the
     * product's own; a color that a value had nowhere is the library's.
     */
    public function fromLeads(Change $change, int $axisId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger, HistoryOwner $kept) use (
            $axisId,
        ): string {
            $loaded = $this->loaded($kept);
            $axis = $loaded->core->axis($axisId);
            $lacking = SwatchChecks::lacking((new ProductColors($loaded))->of($axis));
            $filled = $this->leads->of($loaded, $axis, $lacking, $axis->display);
            $this->refuseNothing($lacking, $filled);
            $hereOnly = $axis->display === AxisDisplay::PictureSwatches;
            $given = $this->given($ledger, $kept, $filled->swatches, $hereOnly, 'made from Lead pictures');

            return $given . $this->stillOpen($filled);
        });
    }

    /** The same for the library: each value from the Lead of a product that has it. */
    public function fromLeadsOfProducts(Change $change, int $axisId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger, HistoryOwner $kept) use (
            $axisId,
        ): string {
            [$lacking, $filled] = $this->libraryLeads->of($axisId);
            $this->refuseNothing($lacking, $filled);
            $given = $this->given($ledger, $kept, $filled->swatches, false, 'made from Lead pictures');

            return $given . $this->stillOpen($filled);
        });
    }

    private function loaded(HistoryOwner $kept): LoadedProduct
    {
        assert($kept instanceof Product);

        return $this->loader->load($kept);
    }

    /**
     * Gives them to the product alone, or to the library; what was chosen for every product is seen on the one that it
     * is made from too.
     *
     * @param  array<int, ?Swatch>  $swatches  by value id
     * @param  string  $from  what they were taken from, in words
     */
    private function given(Ledger $ledger, HistoryOwner $kept, array $swatches, bool $hereOnly, string $from): string
    {
        $this->store->cut($swatches);
        if ($hereOnly) {
            assert($kept instanceof Product);

            return $this->work->apply($ledger, $kept, new SetValueSwatches($swatches, $from))->words;
        }
        $values = $this->store->store($ledger, $swatches);
        if ($kept instanceof Product) {
            $own = $this->loader->load($kept)->core->library->names;
            $known = array_values(array_filter(array_keys($swatches), $own->knows(...)));
            $this->work->apply($ledger, $kept, SetValueSwatches::asLibrary($known));
        }

        return "Swatches {$from}: {$this->named($values)}";
    }

    /** @param  list<Value>  $lacking */
    private function refuseNothing(array $lacking, FilledGaps $filled): void
    {
        if ($filled->swatches === []) {
            throw new Refusal(
                $lacking === []
                    ? 'No value lacks a swatch.'
                    : 'No gap can be filled from pictures: ' . implode(' ', array_slice($filled->open, 0, self::NAMED)),
                RefusalKind::Impossible,
                'values',
            );
        }
    }

    /** Why some still lack one, to be said with what was done. */
    private function stillOpen(FilledGaps $filled): string
    {
        return $filled->open === [] ? '' : '. ' . implode(' ', array_slice($filled->open, 0, self::NAMED));
    }

    /** @param  non-empty-array<int, LibraryValue>  $values */
    private function named(array $values): string
    {
        $more = count($values) - self::NAMED;

        $first = array_map(fn(LibraryValue $value): string => $value->name, array_slice($values, 0, self::NAMED));

        return implode(', ', $first) . ($more > 0 ? " and {$more} more" : '');
    }
}
