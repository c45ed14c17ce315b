<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Entry;
use Core\Gallery\Placement;
use Core\Gallery\View;
use Core\Product\PictureNames;
use Core\Product\Product;
use Core\Product\ProductState;
use Core\Reach\Reach;
use Core\Reach\TypedSelection;
use Core\Reach\UnknownValue;
use Core\Refusal;
use Core\RefusalKind;

/** Adds, sets, replaces or takes away one stored picture in the same part of a product, whatever the product is. */
final readonly class PutPicture implements ProductChange
{
    /**
     * @param  string  $file  what the picture is called where it is new
     * @param  string  $part  as typed; empty for the whole product
     * @param  ?View  $view  what it shows there; null for what each has
     * @param  ?int  $otherId  the photo that takes its place
     */
    public function __construct(
        public PictureWay $way,
        public int $photoId,
        public string $file,
        public string $part,
        public ?View $view,
        public ?int $otherId,
        public string $otherFile,
    ) {}

    /** "Guide.jpg added to Moss", to be said of each product. */
    public function inWords(): string
    {
        $part = $this->part === '' ? 'the whole product' : $this->part;

        return match ($this->way) {
            PictureWay::Add => "{$this->file} added to {$part}" .
                ($this->view === null ? '' : " as its {$this->view->name}"),
            PictureWay::Set => "{$this->file} is the only " . ($this->view->name ?? 'picture') . " of {$part}",
            PictureWay::Take => "{$this->file} taken from {$part}",
            PictureWay::Replace => "{$this->file} replaced by {$this->otherFile}",
        };
    }

    public function on(Product $product, Catalog $catalog): Changed
    {
        $reach = $this->reach($product);
        $here = array_column($product->state->pictures, null, 'photoId')[$this->photoId] ?? null;
        $state = match ($this->way) {
            PictureWay::Add => $this->added($product, $reach, $here),
            PictureWay::Set => $this->set($product, $reach, $here),
            PictureWay::Take => $here === null
                ? $product->state
                : $product->state->withChangedPictures([$this->left($here, $reach, $product)]),
            PictureWay::Replace => $here === null ? $product->state : $this->replaced($product, $here),
        };

        return new Changed($state, $this->inWords());
    }

    /**
     * The part that is meant.
     *
     * @throws Refusal where the product has no such part
     */
    public function reach(Product $product): Reach
    {
        try {
            return $this->part === ''
                ? Reach::everything()
                : (new TypedSelection())->read($this->part, $product->matrix, $product->library->synonyms);
        } catch (UnknownValue) {
            throw new Refusal("{$product->state->details->name} has no “{$this->part}”.", RefusalKind::Missing, 'part');
        }
    }

    /** The files that the part shows, of the view that is meant, in order. */
    public function files(Product $product): string
    {
        $isMeant = fn(Entry $entry): bool => $this->view === null || $entry->placement->view?->is($this->view) === true;
        $shown = [];
        foreach ($product->skusIn($this->reach($product)) as $sku) {
            foreach (array_filter($product->galleries()->of($sku->cell)->entries, $isMeant) as $entry) {
                $shown[$entry->placement->id] = true;
            }
        }
        $pictures = array_filter(
            $product->state->pictures,
            fn(Placement $picture): bool => isset($shown[$picture->id]),
        );

        return implode(', ', array_map(fn(Placement $picture): string => $picture->file, $pictures));
    }

    private function added(Product $product, Reach $reach, ?Placement $here): ProductState
    {
        if ($here === null) {
            $file = PictureNames::of($product->state)->free($this->file);
            $new = new Placement(-1, $file, $reach, Reach::nothing(), $this->view, photoId: $this->photoId);

            return $product->state->withPictures([...$product->state->pictures, $new]);
        }
        $linked = LinkPictures::there($here, $reach, $product->matrix);

        return $product->state->withChangedPictures([$this->view === null ? $linked : $linked->showing($this->view)]);
    }

    /** The only one of its view there: others of it leave the part. */
    private function set(Product $product, Reach $reach, ?Placement $here): ProductState
    {
        $view =
            $this->view ??
            throw new Refusal('Say which view it is to be the only one of.', RefusalKind::Missing, 'view');
        $isOther = fn(Placement $picture): bool => $picture !== $here && $picture->view?->is($view) === true;
        $others = array_filter($product->state->pictures, $isOther);
        $left = $product->state->withChangedPictures(
            array_map(fn(Placement $picture): Placement => $this->left($picture, $reach, $product), $others),
        );

        return $this->added(new Product($left, $product->library, $product->version), $reach, $here);
    }

    private function left(Placement $picture, Reach $reach, Product $product): Placement
    {
        return $picture->reaching($picture->reach->subtract($reach, $product->matrix), $picture->hidden);
    }

    private function replaced(Product $product, Placement $here): ProductState
    {
        $otherId =
            $this->otherId ??
            throw new Refusal('Choose the picture that takes its place.', RefusalKind::Missing, 'other');
        $names = PictureNames::of($product->state);
        if ($names->nameOf($otherId) !== null) {
            throw new Refusal(
                "{$this->otherFile} is in {$product->state->details->name} already.",
                RefusalKind::Impossible,
                'other',
            );
        }
        $file = $names->inPlaceOf($here->file, $this->otherFile);

        return $product->state->withChangedPictures([$here->replacedBy($otherId, $file)]);
    }
}
