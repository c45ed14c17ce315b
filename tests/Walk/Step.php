<?php

declare(strict_types=1);

namespace Tests\Walk;

use Random\Randomizer;

/**
 * One change that somebody tries, as numbers: what they mean is settled by the product as it then is, so that a
 * sequence stays one when steps are taken out of it.
 */
final readonly class Step
{
    private const NUMBERS = 24;

    /** @param  list<int>  $numbers */
    private function __construct(public Verb $verb, public int $person, public array $numbers) {}

    /** @param  non-empty-list<Verb>  $verbs */
    public static function random(Randomizer $random, array $verbs): self
    {
        return new self(
            $verbs[$random->getInt(0, count($verbs) - 1)],
            $random->getInt(0, 3) === 0 ? 1 : 0,
            array_map(fn(): int => $random->getInt(0, 9_999), range(1, self::NUMBERS)),
        );
    }

    /** @return list<self> */
    public static function sequence(Randomizer $random, int $length): array
    {
        return array_map(fn(): self => self::random($random, Verb::weighted()), range(1, $length));
    }

    /**
     * A product with prices, what values add, and units that pictures share, of which the axes change again and again.
     *
     * @return list<self>
     */
    public static function ofNumbers(Randomizer $random, int $length): array
    {
        $first = array_map(fn(Verb $verb): self => self::random($random, [$verb]), Verb::numbersFirst());

        return [...$first, ...array_map(fn(): self => self::random($random, Verb::ofNumbers()), range(1, $length))];
    }

    public function draw(): Draw
    {
        return new Draw($this->numbers);
    }
}
