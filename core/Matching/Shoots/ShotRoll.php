<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

/** The pictures of one camera, one after the other, and where among them another thing or color begins. */
final class ShotRoll
{
    /** More pictures than this are not taken of one thing in one color. */
    private const LONGEST = 40;

    /** What speaks for two neighbors being of one group, before anything is known of them. */
    private const TOGETHER = 0.5;

    /** ΔE00 up to which two pictures show the same cloth, and from which on another; what each says. */
    private const SAME_CLOTH = 5.0;

    private const OTHER_CLOTH = 12.0;

    private const CLOTH_SAYS = [2.0, -3.0];

    /** What a pause says that is as long as those between groups, and one as short as those within. */
    private const PAUSE_SAYS = [-3.0, 2.0];

    /** Pauses of two kinds are this many times as long as each other, at least. */
    private const LEAST_TIMES = 2.5;

    /** What speaks against a group that shows the same form again, behind another. */
    private const AGAIN = 1.5;

    /** What views say that are known from the other groups: another thing, a later view, the same, an earlier one. */
    private const OTHER_SERIES = -3.0;

    private const LATER_VIEW = 1.5;

    private const EARLIER_VIEW = -2.0;

    /** The form of one view, where nothing else tells how near it is. */
    private const SAME_FORM = 0.3;

    /** @var list<?float> how long after the one before each was taken, in seconds */
    private array $pauses = [];

    private ?float $longPause;

    /**
     * @param  list<array-key>  $keys  in the order of taking
     * @param  array<array-key, ShotPicture>  $pictures
     */
    public function __construct(private readonly array $keys, private readonly array $pictures)
    {
        $before = null;
        foreach ($keys as $key) {
            $now = $pictures[$key]->taken->seconds();
            $this->pauses[] = $before === null || $now === null ? null : max(0.0, $now - $before);
            $before = $now;
        }
        $this->longPause = self::longPause(array_slice($this->pauses, 1));
    }

    /**
     * @param  list<SeriesDraft>  $known  series that were found with these pictures before
     * @return list<ShotGroup> in the order of taking
     */
    public function groups(array $known): array
    {
        $links = $this->links($known);
        $count = count($this->keys);
        // The best that speaks for the pictures before each, and where the last group of them begins.
        $best = [0.0];
        $begins = [0];
        for ($end = 1; $end <= $count; $end++) {
            $best[$end] = -INF;
            $within = 0.0;
            for ($start = $end - 1; $start >= max(0, $end - self::LONGEST); $start--) {
                if ($start < $end - 1) {
                    $within += $links[$start + 1] - $this->again($start, $end);
                }
                if ($best[$start] + $within > $best[$end]) {
                    [$best[$end], $begins[$end]] = [$best[$start] + $within, $start];
                }
                if ($within === -INF) {
                    break;
                }
            }
        }
        $groups = [];
        for ($end = $count; $end > 0; $end = $begins[$end]) {
            $keys = array_slice($this->keys, $begins[$end], $end - $begins[$end]);
            if ($keys !== []) {
                array_unshift($groups, new ShotGroup($keys));
            }
        }

        return $groups;
    }

    /**
     * @param  list<SeriesDraft>  $known
     * @return list<float> what speaks for each being of one group with the one before it
     */
    private function links(array $known): array
    {
        $places = array_map(
            fn(int|string $key): ?NearestPlace => NearestPlace::of($this->pictures[$key]->look, $known),
            $this->keys,
        );
        $links = [0.0];
        // The last picture before that tells its color.
        $told = $this->pictures[$this->keys[0]]->look;
        for ($at = 1; $at < count($this->keys); $at++) {
            [$one, $other] = [$this->pictures[$this->keys[$at - 1]], $this->pictures[$this->keys[$at]]];
            $links[] =
                $one->taken->folder !== $other->taken->folder
                    ? -INF
                    : self::TOGETHER +
                        self::cloth($told, $other->look) +
                        $this->pause($at) +
                        self::views($places[$at - 1], $places[$at]);
            $told = ($other->look->colors ?? []) === [] ? $told : $other->look;
        }

        return $links;
    }

    private static function cloth(?ShotLook $one, ?ShotLook $other): float
    {
        $distance = $other === null ? null : $one?->colorDistance($other);
        if ($distance === null) {
            return 0.0;
        }
        $share = ($distance - self::SAME_CLOTH) / (self::OTHER_CLOTH - self::SAME_CLOTH);
        [$same, $else] = self::CLOTH_SAYS;

        return $same + ($else - $same) * max(0.0, min(1.0, $share));
    }

    private function pause(int $at): float
    {
        if ($this->longPause === null || $this->pauses[$at] === null) {
            return 0.0;
        }

        return self::PAUSE_SAYS[$this->pauses[$at] >= $this->longPause ? 0 : 1];
    }

    private static function views(?NearestPlace $one, ?NearestPlace $other): float
    {
        return match (true) {
            $one === null || $other === null => 0.0,
            $one->series !== $other->series => self::OTHER_SERIES * $one->tellsSeries($other),
            $one->place < $other->place => self::LATER_VIEW * $one->tellsPlace($other),
            $one->place > $other->place => self::EARLIER_VIEW * $one->tellsPlace($other),
            default => 0.0,
        };
    }

    /** What speaks against a group from one to before another, because its first is shown again behind others. */
    private function again(int $start, int $end): float
    {
        $first = $this->pictures[$this->keys[$start]]->look;
        for ($at = $start + 2; $first !== null && $at < $end; $at++) {
            $look = $this->pictures[$this->keys[$at]]->look;
            $between = $this->pictures[$this->keys[$at - 1]]->look;
            if (
                $look !== null &&
                $between !== null &&
                $first->formDistance($look) < self::SAME_FORM &&
                2 * $first->formDistance($look) < $first->formDistance($between)
            ) {
                return self::AGAIN;
            }
        }

        return 0.0;
    }

    /**
     * From how many seconds on a pause is one between groups: pauses are parted into two kinds so that each kind is as
     * even as can be, on a scale of shares.
     *
     * @param  list<?float>  $pauses
     * @return ?float null where there are no two kinds
     */
    private static function longPause(array $pauses): ?float
    {
        $told = array_values(array_filter($pauses, fn(?float $one): bool => $one !== null));
        if (count($told) < 3 || count($told) < count($pauses)) {
            return null;
        }
        sort($told);
        $logs = array_map(fn(float $one): float => log($one + 1.0), $told);
        $best = [INF, 1];
        for ($at = 1; $at < count($logs); $at++) {
            $spread = self::spread(array_slice($logs, 0, $at)) + self::spread(array_slice($logs, $at));
            if ($spread < $best[0]) {
                $best = [$spread, $at];
            }
        }
        $middle = fn(int $from, int $to): float => $told[intdiv($from + $to, 2)];

        return $middle($best[1], count($told) - 1) + 1.0 >= self::LEAST_TIMES * ($middle(0, $best[1] - 1) + 1.0)
            ? $told[$best[1]]
            : null;
    }

    /** @param  list<float>  $numbers */
    private static function spread(array $numbers): float
    {
        $mean = array_sum($numbers) / max(1, count($numbers));

        return array_sum(array_map(fn(float $one): float => ($one - $mean) ** 2, $numbers));
    }
}
