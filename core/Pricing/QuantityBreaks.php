<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;
use Core\Text\NumberReader;

/** The quantities from which a unit costs less, each once, smallest first. */
final readonly class QuantityBreaks
{
    public const MOST = 20;

    private const MOST_UNITS = 1_000_000;

    /** @param  list<QuantityBreak>  $breaks  by quantity */
    private function __construct(public array $breaks) {}

    /**
     * As they are typed; rows that say nothing are passed over.
     *
     * @param  list<array{string, string, string}>  $rows  from how many, how much off ("5 %" or "2.00"), the scope
     *
     * @throws UnreadableBreak
     */
    public static function typed(array $rows, Currency $currency): self
    {
        $breaks = [];
        foreach (array_slice($rows, 0, self::MOST) as [$from, $off, $scope]) {
            if (trim($from) === '' && trim($off) === '') {
                continue;
            }
            $units = NumberReader::read($from);
            if (
                $units->hasNonZeroFractionalPart() ||
                $units->isLessThan(2) ||
                $units->isGreaterThan(self::MOST_UNITS)
            ) {
                throw UnreadableBreak::noQuantity($from);
            }
            $count = $units->toInt();
            if (isset($breaks[$count])) {
                throw UnreadableBreak::isTwice($count);
            }
            $breaks[$count] = new QuantityBreak(
                $count,
                self::off($off, $currency),
                BreakScope::tryFrom($scope) ?? BreakScope::Unit,
            );
        }
        ksort($breaks);

        return new self(array_values($breaks));
    }

    /** @param  string  $text  as text() gives it, or ranges() */
    public static function fromText(string $text, Currency $currency): self
    {
        $breaks = [];
        foreach ($text === '' ? [] : explode(';', $text) as $part) {
            [$from, $off, $scope] = explode(' ', $part);
            $breaks[] = new QuantityBreak(
                (int) $from,
                str_ends_with($off, '%')
                    ? BigDecimal::of(substr($off, 0, -1))
                    : Money::rounded(BigDecimal::of($off), $currency),
                BreakScope::from($scope),
            );
        }

        return new self($breaks);
    }

    /**
     * As a sheet lists them: "10-49 5% unit;50- 100.00 order", or as they are stored.
     *
     * @throws UnreadableBreak
     */
    public static function listed(string $text, Currency $currency): self
    {
        $rows = [];
        foreach (explode(';', $text) as $part) {
            [$from, $off, $scope] = [...explode(' ', trim($part)), '', '', ''];
            $rows[] = [(string) preg_replace('/-\d*$/', '', $from), $off, $scope];
        }

        return self::typed($rows, $currency);
    }

    /** As they are stored: "10 5% unit;50 100.00 order" */
    public function text(): string
    {
        return implode(';', array_map($this->textOf(...), $this->breaks));
    }

    /** The same with the quantities at which each holds, for others to read: "10-49 5% unit;50- 100.00 order" */
    public function ranges(): string
    {
        return implode(
            ';',
            array_map(function (QuantityBreak $break): string {
                [$from, $off, $scope] = explode(' ', $this->textOf($break));

                return "{$from}-{$this->until($break)} {$off} {$scope}";
            }, $this->breaks),
        );
    }

    /** The one that holds for so many units: the last that they reach. */
    public function at(int $units): ?QuantityBreak
    {
        $found = null;
        foreach ($this->breaks as $break) {
            $found = $break->from <= $units ? $break : $found;
        }

        return $found;
    }

    /** The last quantity at which a break holds: one before the next; null where there is no next. */
    public function until(QuantityBreak $break): ?int
    {
        foreach ($this->breaks as $next) {
            if ($next->from > $break->from) {
                return $next->from - 1;
            }
        }

        return null;
    }

    public function total(Money $unit, int $units): Money
    {
        return $this->at($units)?->total($unit, $units) ?? $unit->times($units);
    }

    /**
     * Quantities at which more units cost less than one unit fewer, or each costs more than before: nobody means that.
     *
     * @return list<string> in sentences
     */
    public function doubts(Money $unit): array
    {
        $doubts = [];
        foreach ($this->breaks as $at => $break) {
            $before = $this->breaks[$at - 1] ?? null;
            $now = $break->total($unit, $break->from);
            if ($before !== null && $before->total($unit, $break->from)->isLessThan($now)) {
                $doubts[] = "From {$break->from} on the reduction is less than from {$before->from}.";
            } elseif ($now->amount->isZero() && !$unit->amount->isZero()) {
                $doubts[] = "From {$break->from} on nothing is left of {$unit->shown()}.";
            }
        }

        return $doubts;
    }

    public function inWords(): string
    {
        return implode('; ', array_map(fn(QuantityBreak $break): string => $break->inWords(), $this->breaks));
    }

    private function textOf(QuantityBreak $break): string
    {
        $off = $break->off instanceof Money ? $break->off->shown() : "{$break->off}%";

        return "{$break->from} {$off} {$break->scope->value}";
    }

    private static function off(string $typed, Currency $currency): Money|BigDecimal
    {
        $off =
            preg_match('/^(.*)%\s*$/us', $typed, $found) === 1
                ? Adjustment::percentage($found[1])
                : Money::typed($typed, $currency);
        $number = $off instanceof Money ? $off->amount : $off;
        if ($number->isNegativeOrZero() || ($off instanceof BigDecimal && $off->isGreaterThan(100))) {
            throw UnreadableBreak::noReduction($typed);
        }

        return $off;
    }
}
