<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

/** The pictures that were taken after a slate card, until the next one. */
final readonly class CardRun
{
    /** @param  non-empty-list<array-key>  $keys  of the pictures, in the order of taking */
    public function __construct(public FoundCard $card, public array $keys) {}

    /**
     * A card that is not ours ends what stood for the one before: what comes after it is not known.
     *
     * @param  array<array-key, TakenPicture>  $pictures
     * @return list<self>
     */
    public static function in(array $pictures): array
    {
        $runs = [];
        foreach (TakingOrder::of($pictures) as $keys) {
            [$card, $own] = [null, []];
            foreach ([...$keys, null] as $key) {
                if ($key !== null && !$pictures[$key]->isCard) {
                    $own[] = $key;

                    continue;
                }
                if ($card !== null && $own !== []) {
                    $runs[] = new self($card, $own);
                }
                [$card, $own] = [$key === null ? null : $pictures[$key]->card, []];
            }
        }

        return $runs;
    }
}
