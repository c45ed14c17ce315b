<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Gallery\AltTexts\AltText;
use Core\Gallery\Coverage\ShotList;

/**
 * What a product uses of the library beside its axes and values, which the state has under the product's own labels.
 */
final readonly class LibraryPart
{
    /**
     * @param  ?ShotList  $shotList  of its kind, where it differs from it as it wants it; null where it has none
     * @param  AltText  $altText  by which texts are made that stand for pictures
     * @param  KnownNames  $names  of all axes and values that it has or had
     * @param  ProductSwatches  $swatches  of its values
     * @param  array<int, UsualAxis>  $usual  what is said of its axes there, by axis id
     * @param  array<string, string>  $synonyms  other words for its values, folded => label
     */
    public function __construct(
        public ?ShotList $shotList = null,
        public AltText $altText = new AltText(),
        public KnownNames $names = new KnownNames([], []),
        public ProductSwatches $swatches = new ProductSwatches([], []),
        public array $usual = [],
        public array $synonyms = [],
    ) {}
}
