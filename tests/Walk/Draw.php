<?php

declare(strict_types=1);

namespace Tests\Walk;

/** Takes decisions from a row of numbers, one after the other, round and round. */
final class Draw
{
    private int $at = 0;

    /** @param  non-empty-list<int>  $numbers */
    public function __construct(private readonly array $numbers) {}

    public function below(int $count): int
    {
        return $this->numbers[$this->at++ % count($this->numbers)] % max(1, $count);
    }

    public function oneIn(int $count): bool
    {
        return $this->below($count) === 0;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $list
     * @return T
     */
    public function of(array $list): mixed
    {
        return $list[$this->below(count($list))];
    }

    /**
     * @template T
     *
     * @param  list<T>  $list
     * @return list<T> some of them, in another order now and then
     */
    public function some(array $list, int $oneIn = 3): array
    {
        $some = array_values(array_filter($list, fn(): bool => !$this->oneIn($oneIn)));

        return $this->oneIn(3) ? array_reverse($some) : $some;
    }
}
