<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Types the text that stands for a picture; nothing leaves it to the pattern. */
final readonly class TypeAltText implements ProductChange
{
    private const LONGEST = 300;

    public function __construct(private int $placementId, private string $text) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        if (mb_strlen($this->text) > self::LONGEST) {
            throw new Refusal(
                'The alt text can have ' . self::LONGEST . ' characters; this has ' . mb_strlen($this->text) . '.',
                RefusalKind::Unreadable,
                'text',
            );
        }
        [$picture] = $product->pictures([$this->placementId]);

        return new Changed(
            $product->state->withChangedPictures([$picture->told(trim($this->text))]),
            "Alt text of {$picture->file}",
        );
    }
}
