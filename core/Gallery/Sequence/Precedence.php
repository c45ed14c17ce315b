<?php

declare(strict_types=1);

namespace Core\Gallery\Sequence;

use SplMinHeap;

/** Placements in an order, and which have to come before which. */
final readonly class Precedence
{
    /**
     * @param  list<int>  $ids  in their present order
     * @param  array<int, array<int, true>>  $after  placement id => those that come after it
     */
    public function __construct(private array $ids, private array $after = []) {}

    /**
     * The same with some that have to follow each other; null where that contradicts what is wanted already.
     *
     * @param  list<int>  $chain
     */
    public function with(array $chain): ?self
    {
        $after = $this->after;
        for ($at = 1; $at < count($chain); $at++) {
            $after[$chain[$at - 1]][$chain[$at]] = true;
        }
        $next = new self($this->ids, $after);

        return count($next->sorted()) === count($this->ids) ? $next : null;
    }

    /**
     * Two of a chain that have to stand the other way round.
     *
     * @param  list<int>  $chain  one that contradicts
     * @return array{int, int} the one that the chain has first, and the one that has to come before it
     */
    public function contradicted(array $chain): array
    {
        foreach ($chain as $at => $first) {
            foreach (array_slice($chain, $at + 1) as $second) {
                if ($this->comesBefore($second, $first)) {
                    return [$first, $second];
                }
            }
        }

        return [$chain[0], $chain[count($chain) - 1]];
    }

    /** @return list<int> as near to the present order as the wanted one allows; fewer where there is none */
    public function sorted(): array
    {
        $places = array_flip($this->ids);
        $waits = array_fill_keys($this->ids, 0);
        foreach ($this->after as $followers) {
            foreach (array_keys($followers) as $id) {
                $waits[$id]++;
            }
        }
        /** @var SplMinHeap<int> $free the places of those that wait for no other */
        $free = new SplMinHeap();
        foreach (array_keys($waits, 0, true) as $id) {
            $free->insert($places[$id]);
        }
        $sorted = [];
        while (!$free->isEmpty()) {
            $id = $this->ids[$free->extract()];
            $sorted[] = $id;
            foreach (array_keys($this->after[$id] ?? []) as $follower) {
                if (--$waits[$follower] === 0) {
                    $free->insert($places[$follower]);
                }
            }
        }

        return $sorted;
    }

    private function comesBefore(int $first, int $second): bool
    {
        $seen = [];
        $open = [$first];
        while ($open !== []) {
            $id = array_pop($open);
            if ($id === $second) {
                return true;
            }
            if (!isset($seen[$id])) {
                $seen[$id] = true;
                array_push($open, ...array_keys($this->after[$id] ?? []));
            }
        }

        return false;
    }
}
