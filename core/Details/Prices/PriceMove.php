<?php

declare(strict_types=1);

namespace Core\Details\Prices;

use Core\Pricing\Money;

/** A price, what it becomes, and how many SKUs have it. */
final readonly class PriceMove
{
    public function __construct(public ?Money $from, public ?Money $to, public int $count) {}

    public function isSame(): bool
    {
        return $this->from === null ? $this->to === null : $this->to !== null && $this->from->equals($this->to);
    }

    /**
     * Some SKUs more of which the price becomes that.
     *
     * @param  array<string, self>  $moves  each pair of prices once
     * @return array<string, self>
     */
    public static function counted(array $moves, ?Money $from, ?Money $to, int $skus = 1): array
    {
        $key = ($from?->shown() ?? '') . '>' . ($to?->shown() ?? '');
        $moves[$key] = new self($from, $to, ($moves[$key]->count ?? 0) + $skus);

        return $moves;
    }

    /**
     * @param  list<self>  $moves
     * @return list<self> lowest first; what had no price before all others
     */
    public static function inOrder(array $moves): array
    {
        usort(
            $moves,
            fn(self $a, self $b): int => $a->from === null || $b->from === null
                ? ($a->from === null ? 0 : 1) <=> ($b->from === null ? 0 : 1)
                : $a->from->amount->compareTo($b->from->amount),
        );

        return $moves;
    }

    /**
     * "62.70 → 50.00 for 3 SKUs, 2 more"; empty where there is none.
     *
     * @param  list<self>  $moves  those that change something
     */
    public static function allInWords(array $moves, int $most): string
    {
        $words = array_map(fn(self $move): string => $move->inWords(), array_slice($moves, 0, $most));
        if (count($moves) > $most) {
            $words[] = count($moves) - $most . ' more';
        }

        return implode(', ', $words);
    }

    /** "49.00 → 53.90 for 6 SKUs" */
    public function inWords(): string
    {
        $skus = $this->count === 1 ? '1 SKU' : number_format($this->count) . ' SKUs';

        return ($this->from?->shown() ?? 'none') . ' → ' . ($this->to?->shown() ?? 'none') . " for {$skus}";
    }
}
