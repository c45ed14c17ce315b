<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\FilledGaps;
use App\Catalog\LeadSwatches;
use App\Catalog\LibraryLeads;
use App\Catalog\LoadedProduct;
use App\Catalog\ProductAxis;
use App\Catalog\ProductColors;
use App\Catalog\SwatchStore;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryValue;
use Closure;
use Core\Checks\SwatchChecks;
use Core\Color\Swatch;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Value;
use Core\Refusal;
use Core\RefusalKind;

/** Gives values their swatches: one that was made, those that were measured, or those that pictures have for the gaps. */
final class SetSwatches
{
    private const NAMED = 6;

    public function __construct(
        private readonly UnitOfWork $work,
        private readonly SwatchStore $store,
        private readonly LeadSwatches $leads,
        private readonly LibraryLeads $libraryLeads,
    ) {
    }

    /**
     * @param  ?Swatch  $swatch  null for none; of a product's own, as the library has it
     * @param  bool  $hereOnly  of this product only
     * @param  ?string  $seen  what was seen before as the library's swatch, as stored; empty for none
     */
    public function one(Change $change, int $valueId, ?Swatch $swatch, bool $hereOnly = false, ?string $seen = null): ?HistoryEntry
    {
        return $this->keep($change, $hereOnly, function (Ledger $ledger) use ($change, $valueId, $swatch, $hereOnly, $seen): string {
            $value = $this->write($ledger, $change, [$valueId => $swatch], $hereOnly, $seen === null ? [] : [$valueId => $seen])[$valueId];

            return "Swatch of {$value->axis->name} {$value->name}".($hereOnly ? ' on this product' : '').($swatch === null ? ($hereOnly ? ' is the library’s again' : ' is gone') : " is {$swatch->inWords()}");
        });
    }

    /**
     * What the pictures of values show, accepted as it was seen or not at all.
     *
     * @param  array<int, string>  $measured  value id => the swatch that was seen as measured, as stored
     */
    public function measured(Change $change, int $axisId, array $measured, bool $hereOnly): ?HistoryEntry
    {
        if ($measured === []) {
            throw new Refusal('Mark the values whose measured colors are to be taken.', RefusalKind::Missing, 'values');
        }

        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($change, $axisId, $measured, $hereOnly): string {
            $colors = new ProductColors($loaded);
            $axis = ProductAxis::of($loaded, $axisId);
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
            $values = $this->write($ledger, $change, $swatches, $hereOnly);

            return ($hereOnly ? 'On this product, swatches' : 'Swatches').' taken from pictures: '.$this->named($values);
        });
    }

    /**
     * Fills what shoppers miss on an axis of a product from the pictures they see first. A piece of its cloth is the
     * product's own; a color that a value had nowhere is the library's.
     */
    public function fromLeads(Change $change, int $axisId): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($change, $axisId): string {
            $axis = ProductAxis::of($loaded, $axisId);
            $hereOnly = $axis->display === AxisDisplay::PictureSwatches;
            $lacking = SwatchChecks::lacking((new ProductColors($loaded))->of($axis));
            $filled = $this->leads->of($loaded, $axis, $lacking, $axis->display);
            $this->refuseNothing($lacking, $filled);

            return ($hereOnly ? 'On this product, swatches' : 'Swatches').' made from Lead pictures: '.$this->named($this->write($ledger, $change, $filled->swatches, $hereOnly)).$this->stillOpen($filled);
        });
    }

    /** The same for the library: each value from the Lead of a product that has it. */
    public function fromLeadsOfProducts(Change $change, int $axisId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($change, $axisId): string {
            [$lacking, $filled] = $this->libraryLeads->of($axisId);
            $this->refuseNothing($lacking, $filled);

            return 'Swatches made from Lead pictures: '.$this->named($this->write($ledger, $change, $filled->swatches, false)).$this->stillOpen($filled);
        });
    }

    /** @param  Closure(Ledger): string  $work */
    private function keep(Change $change, bool $hereOnly, Closure $work): ?HistoryEntry
    {
        return $hereOnly
            ? $this->work->keep(
                $change,
                self::class,
                fn (Ledger $ledger, LoadedProduct $loaded): string => $work($ledger),
            )
            : $this->work->keepLibrary($change, self::class, $work);
    }

    /**
     * @param  array<int, ?Swatch>  $swatches  by value id
     * @param  array<int, string>  $seen
     * @return non-empty-array<int, LibraryValue>
     */
    private function write(Ledger $ledger, Change $change, array $swatches, bool $hereOnly, array $seen = []): array
    {
        $values = $this->store->store($ledger, $swatches, $hereOnly ? $change->productId : null, $seen);
        if (! $hereOnly && $change->productId !== null) {
            // What was chosen for every product is seen on this one too.
            $this->store->follow($ledger, $change->productId, array_keys($swatches));
        }

        return $values;
    }

    /** @param  list<Value>  $lacking */
    private function refuseNothing(array $lacking, FilledGaps $filled): void
    {
        if ($filled->swatches === []) {
            throw new Refusal(
                $lacking === []
                    ? 'No value lacks a swatch.'
                    : 'No gap can be filled from pictures: '.implode(' ', array_slice($filled->open, 0, self::NAMED)),
                RefusalKind::Impossible,
                'values',
            );
        }
    }

    /** Why some still lack one, to be said with what was done. */
    private function stillOpen(FilledGaps $filled): string
    {
        return $filled->open === [] ? '' : '. '.implode(' ', array_slice($filled->open, 0, self::NAMED));
    }

    /** @param  non-empty-array<int, LibraryValue>  $values */
    private function named(array $values): string
    {
        $more = count($values) - self::NAMED;

        return implode(', ', array_map(fn (LibraryValue $value): string => $value->name, array_slice($values, 0, self::NAMED))).($more > 0 ? " and {$more} more" : '');
    }
}
