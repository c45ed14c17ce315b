<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use App\Http\Screens\Few;
use Core\Details\DetailInput;
use Core\Details\DetailKind;
use Core\Details\DetailReader;
use Core\Product\SelectedPart;
use Core\Product\Sku;

/** A detail of a part of a product: what holds there, what the product says, and its fields. */
final readonly class DetailPartScreen
{
    /** Different things said that are listed. */
    private const MOST_HELD = 6;

    private DetailReader $reader;

    public function __construct(public DetailKind $kind, public SelectedPart $part)
    {
        $this->reader = new DetailReader($part->product->prices->currency);
    }

    /** "Now 5.00 (3); none (2)." */
    public function heldInWords(): string
    {
        $held = $this->held();
        $few = Few::of($held, self::MOST_HELD);
        $words = array_map(
            fn(string|int $words, int $skus): string => count($held) === 1
                ? (string) $words
                : __('details.words_of_skus', ['words' => (string) $words, 'skus' => $skus]),
            array_keys($few->shown),
            $few->shown,
        );

        return match (true) {
            $held === [] => __('details.no_sku_is_on_offer_there'),
            $few->more > 0 => __('details.now_held_and_more', ['held' => implode('; ', $words)]),
            default => __('details.now_held', ['held' => implode('; ', $words)]),
        };
    }

    /** @return array<string, int> what is said in words => of how many SKUs */
    private function held(): array
    {
        $finder = $this->part->product->state->details->details->finder($this->kind, $this->part->product->matrix);
        $held = [];
        foreach ($this->part->skus() as $sku) {
            $words = $this->reader->inWords($this->kind, $finder->at($sku->cell));
            $held[$words] = ($held[$words] ?? 0) + 1;
        }

        return $held;
    }

    public function ofProduct(): string
    {
        return $this->reader->inWords($this->kind, $this->part->product->state->details->details->whole($this->kind));
    }

    /** @return list<DetailInput> with what all of them have, if they have the same */
    public function fields(): array
    {
        $finder = $this->part->product->state->details->details->finder($this->kind, $this->part->product->matrix);
        $texts = array_unique(array_map(fn(Sku $sku): string => $finder->at($sku->cell), $this->part->skus()));

        $text = count($texts) === 1 ? (string) array_values($texts)[0] : '';

        return $this->kind->type()->inputs($text, $this->part->product->prices->currency);
    }
}
