<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

/** Which view of which series a picture looks like, and how clearly. */
final readonly class NearestPlace
{
    /** Where the next is so much farther, as a distance of forms, it is clear. */
    private const CLEAR = 0.15;

    /**
     * @param  int  $series  its place in the list
     * @param  int  $place  of the view in the series, from 0
     * @param  float  $seriesIsClear  from 0, where another series has a view as near, to 1
     * @param  float  $placeIsClear  from 0, where another view of the series is as near, to 1
     */
    private function __construct(
        public int $series,
        public int $place,
        private float $seriesIsClear,
        private float $placeIsClear,
    ) {}

    /** @param  list<SeriesDraft>  $known */
    public static function of(?ShotLook $look, array $known): ?self
    {
        if ($look === null || $known === []) {
            return null;
        }
        $nearest = [];
        foreach ($known as $series => $draft) {
            $distances = [];
            foreach ($draft->forms as $place => $form) {
                $distances[] = [$form->formDistance($look), $place];
            }
            sort($distances);
            if ($distances !== []) {
                $nearest[] = [$distances[0][0], $series, $distances[0][1], $distances[1][0] ?? null];
            }
        }
        sort($nearest);
        if ($nearest === []) {
            return null;
        }
        [$distance, $series, $place, $next] = $nearest[0];

        return new self(
            $series,
            $place,
            self::clearness($distance, $nearest[1][0] ?? null),
            self::clearness($distance, $next),
        );
    }

    /** How clearly two pictures are of one series, or of two; from 0 to 1. */
    public function tellsSeries(self $other): float
    {
        return min($this->seriesIsClear, $other->seriesIsClear);
    }

    /** How clearly two pictures of one series are at their places; from 0 to 1. */
    public function tellsPlace(self $other): float
    {
        return min($this->placeIsClear, $other->placeIsClear);
    }

    private static function clearness(float $nearest, ?float $next): float
    {
        return $next === null ? 1.0 : min(1.0, ($next - $nearest) / self::CLEAR);
    }
}
