<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Coverage\Shot;
use Core\Gallery\View;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Says of one view that a product needs it otherwise than its shot list says. */
final readonly class NeedShot implements ProductChange
{
    private const LONGEST_REASON = 120;

    /** @param  ?Need  $need  null for what the list says */
    public function __construct(private View $view, private ?Need $need, private string $reason) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $reason = trim($this->reason);
        if (mb_strlen($reason) > self::LONGEST_REASON) {
            throw new Refusal(
                'A reason can have ' . self::LONGEST_REASON . ' characters; this has ' . mb_strlen($reason) . '.',
                RefusalKind::Unreadable,
                'reason',
            );
        }
        if ($this->need === Need::NotWanted && $reason === '') {
            throw new Refusal(
                "Say why this product needs no {$this->view->name} picture, so that nobody asks for it again.",
                RefusalKind::Missing,
                'reason',
            );
        }
        if ($product->library->shotList === null) {
            throw new Refusal('This product has no shot list. Choose one under Details.', RefusalKind::Missing);
        }
        $details = $product->state->details;
        $own = array_values(array_filter($details->shots, fn(Shot $shot): bool => !$shot->view->is($this->view)));
        if ($this->need !== null) {
            $own[] = new Shot($this->view, $this->need, $reason);
        }

        return new Changed(
            $product->state->withDetails($details->with(['shots' => $own])),
            $this->need === null
                ? "{$this->view->label()} pictures as the shot list says"
                : "{$this->view->label()} pictures {$this->need->value} here" . ($reason === '' ? '' : ": {$reason}"),
        );
    }
}
