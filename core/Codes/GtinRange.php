<?php

declare(strict_types=1);

namespace Core\Codes;

/** The numbers that a company may give: its prefix, and item references from one to another. */
final readonly class GtinRange
{
    private const BODY = 12;

    /** Numbers that can be given at once. */
    private const MOST = 10_000;

    private function __construct(public string $prefix, public int $from, public int $to) {}

    /**
     * @param  string  $prefix  as it was given to the company, 4 to 11 digits
     * @param  string  $from  the first item; nothing: the first there is
     * @param  string  $to  the last item; nothing: the last there is
     *
     * @throws UnreadableGtin
     */
    public static function typed(string $prefix, string $from, string $to): self
    {
        $digits = (string) preg_replace('/[\s-]/', '', $prefix);
        if (preg_match('/^\d{4,11}$/', $digits) !== 1) {
            throw UnreadableGtin::noPrefix($prefix);
        }
        $places = self::BODY - strlen($digits);
        $item = fn(string $typed, int $usual): int => trim($typed) === ''
            ? $usual
            : (preg_match('/^\d{1,' . $places . '}$/', trim($typed)) === 1
                ? (int) trim($typed)
                : -1);
        [$first, $last] = [$item($from, 0), $item($to, 10 ** $places - 1)];
        if ($first < 0 || $last < $first) {
            throw UnreadableGtin::noRange($from, $to, $places);
        }

        return new self($digits, $first, $last);
    }

    /** The number of an item, as a GTIN-13. */
    public function number(int $item): string
    {
        return Gtin::fromBody(
            $this->prefix . str_pad((string) $item, self::BODY - strlen($this->prefix), '0', STR_PAD_LEFT),
        );
    }

    /** @return array{string, string} the first and the last GTIN-13 of the range */
    public function ends(): array
    {
        return [$this->number($this->from), $this->number($this->to)];
    }

    /**
     * The next free ones, in order.
     *
     * @param  array<string, mixed>  $taken  by numbers of the range that somebody has
     * @return list<string>
     *
     * @throws UnreadableGtin where not so many are free
     */
    public function free(int $count, array $taken): array
    {
        $free = [];
        for ($item = $this->from; $item <= $this->to && count($free) < min($count, self::MOST); $item++) {
            $number = $this->number($item);
            if (!isset($taken[$number])) {
                $free[] = $number;
            }
        }

        return count($free) < $count
            ? throw UnreadableGtin::isExhausted(
                $count - count($free),
                $this->prefix,
                ...array_map(
                    fn(int $item): string => str_pad(
                        (string) $item,
                        self::BODY - strlen($this->prefix),
                        '0',
                        STR_PAD_LEFT,
                    ),
                    [$this->from, $this->to],
                ),
            )
            : $free;
    }
}
