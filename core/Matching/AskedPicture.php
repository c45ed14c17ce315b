<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Gallery\View;
use Core\Reach\Reach;

/** A picture that is wanted of a part of a product, and the names under which it would be read as just that. */
final readonly class AskedPicture
{
    /** What no file system takes in a name. */
    private const NOT_IN_NAMES = '/[\x00-\x1f\x7f\/\\\\:*?"<>|.\s]+/u';

    public const SURE = 0.99;

    /**
     * @param  Reach  $reach  the part of the product
     * @param  string  $skuCode  of a SKU of that part
     */
    public function __construct(
        public int $productId,
        public Reach $reach,
        public View $view,
        public string $skuCode,
        public ?string $gtin,
    ) {}

    /** @return list<string> without an ending, the best first */
    public function names(): array
    {
        $names = [];
        foreach (
            array_filter([$this->skuCode, (string) $this->gtin], fn(string $code): bool => $code !== '')
            as $code
        ) {
            foreach ($this->view->words as $word) {
                $names[] = trim((string) preg_replace(self::NOT_IN_NAMES, '-', "{$code}_{$word}"), '-');
            }
        }

        return array_values(array_unique($names));
    }

    /** Whether a reading says this product, part and view, and is as sure as can be. */
    public function isReadAs(Verdict $verdict): bool
    {
        return $verdict->productId === $this->productId &&
            $verdict->reach?->equals($this->reach) === true &&
            $verdict->view?->is($this->view) === true &&
            $verdict->confidence >= self::SURE;
    }
}
