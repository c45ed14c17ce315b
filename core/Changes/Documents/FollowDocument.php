<?php

declare(strict_types=1);

namespace Core\Changes\Documents;

use Core\Changes\AsksCatalog;
use Core\Changes\BecomeState;
use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\CoreException;
use Core\Gallery\Placement;
use Core\Product\Description;
use Core\Product\Difference\Difference;
use Core\Product\Document\MissingLibraryItem;
use Core\Product\Document\ReadProduct;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Makes of a product what a document says. One that has nothing yet becomes all of it, what sleeps too; one that is
 * there already becomes it by the same plan as a sheet, and what sleeps of it stays.
 */
final readonly class FollowDocument implements AsksCatalog, ProductChange
{
    /** Missing things that are named. */
    private const NAMED = 3;

    /** @param  string  $why  "Package spring.zip": what changed is said behind it */
    public function __construct(private ReadProduct $read, private string $why) {}

    /** @throws CoreException */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $this->refuseLacking();
        $wanted = $this->read->state;
        SoundState::refuseUnsound($wanted, $catalog);
        if (self::isNothing($product->state)) {
            $this->refuseTaken($wanted, $product, $catalog);

            return new Changed($wanted, "{$this->why}: " . self::contents($wanted));
        }
        $wanted = self::among($wanted, $product->state);

        return Difference::between($product->state, $wanted)->isNone()
            ? new Changed($product->state, '')
            : (new BecomeState($wanted, $this->why))->on($product, $catalog);
    }

    public function askedCodes(): array
    {
        return array_map(fn(Sku $sku): string => $sku->code, $this->read->state->skus);
    }

    public function askedGtins(): array
    {
        return array_values(array_filter(array_map(fn(Sku $sku): ?string => $sku->gtin, $this->read->state->skus)));
    }

    private function refuseLacking(): void
    {
        $lacking = $this->read->lacking;
        if ($lacking === []) {
            return;
        }
        $names = array_map(
            fn(MissingLibraryItem $item): string => $item->inWords(),
            array_slice($lacking, 0, self::NAMED),
        );
        $more = count($lacking) - count($names);
        throw new Refusal(
            'It names ' .
                implode(', ', $names) .
                ($more > 0 ? " and {$more} more" : '') .
                ', which neither it nor this catalog has.',
            RefusalKind::Missing,
        );
    }

    private static function isNothing(ProductState $state): bool
    {
        return $state->skus === [] &&
            $state->pictures === [] &&
            $state->matrix->axes === [] &&
            $state->matrix->sleeping === [];
    }

    /** @throws Refusal where something else of the catalog has a code or a GTIN of it */
    private function refuseTaken(ProductState $wanted, Product $product, Catalog $catalog): void
    {
        $sharing = $wanted->matrix->axes === [] ? $product->state->details->code : null;
        foreach ($catalog->codes($this->askedCodes(), $sharing, []) as $code => $owner) {
            throw new Refusal("{$code} is the code of {$owner}.", RefusalKind::Taken, 'sku');
        }
        foreach ($catalog->gtins($this->askedGtins(), []) as $gtin => $owner) {
            throw new Refusal("{$gtin} is the GTIN of {$owner}.", RefusalKind::Taken, 'sku');
        }
    }

    /**
     * The same with its SKUs and pictures known as those that are here. SKUs that retired elsewhere, and never were
     * here, are not brought back to be retired.
     */
    private static function among(ProductState $wanted, ProductState $own): ProductState
    {
        $ids = self::matched($wanted->skus, $own->skus);
        $skus = [];
        foreach ($wanted->skus as $at => $sku) {
            if ($sku->isMade() || $ids[$at] !== 0) {
                $skus[] = $sku->knownAs($ids[$at]);
            }
        }
        // One photo may stand in a product twice: then the first is the first.
        $known = [];
        foreach ($own->pictures as $picture) {
            $known[$picture->photoId][] = $picture->id;
        }
        $pictures = [];
        foreach ($wanted->pictures as $picture) {
            $pictures[] = $picture->withId(array_shift($known[$picture->photoId]) ?? $picture->id);
        }

        return new ProductState(self::naming($wanted->details, $pictures), $wanted->matrix, $skus, $pictures);
    }

    /**
     * Which of its own each wanted SKU is: that of the same code in the same cell, else the one on offer there.
     *
     * @param  list<Sku>  $wanted
     * @param  list<Sku>  $own
     * @return list<int> ids, each once; 0 for none
     */
    private static function matched(array $wanted, array $own): array
    {
        $byCode = $offered = [];
        foreach ($own as $sku) {
            $byCode["{$sku->cell->key} " . mb_strtoupper($sku->code)] = $sku->id;
            if ($sku->isMade()) {
                $offered[$sku->cell->key] = $sku->id;
            }
        }
        $ids = array_map(fn(Sku $sku): int => $byCode["{$sku->cell->key} " . mb_strtoupper($sku->code)] ?? 0, $wanted);
        $met = array_flip($ids);
        foreach ($wanted as $at => $sku) {
            $id = $offered[$sku->cell->key] ?? 0;
            if ($ids[$at] === 0 && $sku->isMade() && !isset($met[$id])) {
                $ids[$at] = $id;
                $met[$id] = $at;
            }
        }

        return $ids;
    }

    /**
     * The description names pictures that are here by their ids, and those that come by their places.
     *
     * @param  list<Placement>  $pictures
     */
    private static function naming(ProductDetails $details, array $pictures): ProductDetails
    {
        $id = function (int $place) use ($pictures): ?int {
            $own = $pictures[$place - 1]->id ?? 0;

            return $own > 0 ? $own : null;
        };

        return $details->with(['description' => Description::fromElsewhere($details->description, $id)]);
    }

    /** "12 SKUs, 5 pictures" */
    private static function contents(ProductState $state): string
    {
        $count = fn(int $count, string $one): string => number_format($count) . " {$one}" . ($count === 1 ? '' : 's');
        $made = count(array_filter($state->skus, fn(Sku $sku): bool => $sku->isMade()));

        return $count($made, 'SKU') . ', ' . $count(count($state->pictures), 'picture');
    }
}
