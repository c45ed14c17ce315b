<?php

declare(strict_types=1);

namespace App\Intake;

use App\Media\Marks\PictureMarks;
use App\Models\Product;
use Core\Gallery\Views;
use Core\Matching\Cards\CardCode;
use Core\Matching\Names\Lexicon;
use Core\Matching\Shoots\FoundCard;

/** The slate cards that are seen in pictures, and which of them are of products that are there. */
final readonly class CardsInPictures
{
    private const CHUNK = 1_000;

    /**
     * @param  array<int, CardCode>  $codes  by photo id
     * @param  array<int, true>  $ours  ids of photos whose card is of a product that is there
     */
    private function __construct(private array $codes, private array $ours) {}

    /** @param  array<int, PictureMarks>  $marks  by photo id */
    public static function of(array $marks): self
    {
        $codes = [];
        foreach ($marks as $photoId => $one) {
            foreach ($one->codes as $text) {
                $code = CardCode::read($text);
                if ($code !== null) {
                    $codes[$photoId] ??= $code;
                }
            }
        }
        $ids = array_values(array_unique(array_map(fn(CardCode $code): int => $code->productId, $codes)));
        $seals = [];
        foreach (array_chunk($ids, self::CHUNK) as $chunk) {
            foreach (Product::query()->standing()->whereKey($chunk)->get() as $product) {
                $seals[$product->id] = $product->seal();
            }
        }
        $ours = array_filter(
            $codes,
            fn(CardCode $code): bool => isset($seals[$code->productId]) && $code->isOf($seals[$code->productId]),
        );

        return new self($codes, array_fill_keys(array_keys($ours), true));
    }

    /** @return list<int> ids of the products that cards are of */
    public function productIds(): array
    {
        $ours = array_intersect_key($this->codes, $this->ours);

        return array_values(array_unique(array_map(fn(CardCode $code): int => $code->productId, $ours)));
    }

    /** Whether a picture shows a card, ours or not. */
    public function isCard(int $photoId): bool
    {
        return isset($this->codes[$photoId]);
    }

    /** @return ?FoundCard null where a picture shows none that this shop knows */
    public function found(int $photoId, Lexicon $lexicon, Views $views): ?FoundCard
    {
        $code = isset($this->ours[$photoId]) ? $this->codes[$photoId] : null;
        $product = $code === null ? null : $lexicon->product($code->productId);

        return $code === null || $product === null ? null : FoundCard::of($code, $product, $views);
    }
}
