<?php

declare(strict_types=1);

namespace Core\Sizes;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * Shoe sizes by the length of the last. EU: one size is a Paris point, 2/3 cm of last. UK and US: one size
 * is a barleycorn, 1/3 inch of last, counted from 25 barleycorns (UK adult) or 24 (US men).
 *
 * Formulas from memory of the common definitions (Paris point; barleycorn; ISO/TS 19407 says the same of
 * the steps); what a maker prints on the box may differ by half a size.
 */
final readonly class ShoeSize
{
    private const MM_PER_INCH = '25.4';

    private const UK_OFFSET = 25;

    private const US_MEN_OFFSET = 24;

    /** Children's sizes run to 13, where the grown-ups' 1 follows. */
    private const CHILDREN = 13;

    private function __construct(private BigRational $lastMm) {}

    /** @param  string  $size  in Paris points of 2/3 cm, such as "42" or "42.5" */
    public static function eu(string $size): self
    {
        return new self(BigRational::of($size)->multipliedBy(20)->dividedBy(3));
    }

    /** @param  string  $size  in barleycorns of 1/3 inch, such as "8" or "8.5" */
    public static function uk(string $size): self
    {
        return self::barleycorns($size, self::UK_OFFSET);
    }

    /** @param  string  $size  in barleycorns of 1/3 inch, one above the UK’s, such as "9" */
    public static function usMen(string $size): self
    {
        return self::barleycorns($size, self::US_MEN_OFFSET);
    }

    /** The last in millimeters, to a tenth. */
    public function lastMm(): string
    {
        return (string) $this->lastMm->toScale(1, RoundingMode::HALF_UP);
    }

    /** To the nearest half. */
    public function inEu(): string
    {
        return $this->half($this->lastMm->multipliedBy(3)->dividedBy(20));
    }

    /** To the nearest half; a child's size below the first of grown-ups ("11.5 child"). */
    public function inUk(): string
    {
        return $this->counting(self::UK_OFFSET);
    }

    /** To the nearest half; a child's size below the first of grown-ups ("12.5 child"). */
    public function inUsMen(): string
    {
        return $this->counting(self::US_MEN_OFFSET);
    }

    private static function barleycorns(string $size, int $offset): self
    {
        return new self(BigRational::of($size)->plus($offset)->multipliedBy(self::MM_PER_INCH)->dividedBy(3));
    }

    private function counting(int $offset): string
    {
        $size = $this->counted()->minus($offset);
        $child = $size->plus(self::CHILDREN);

        return match (true) {
            $size->isGreaterThanOrEqualTo('3/4') => $this->half($size),
            $child->isGreaterThanOrEqualTo(0) => $this->half($child) . ' child',
            default => '–',
        };
    }

    private function counted(): BigRational
    {
        return $this->lastMm->multipliedBy(3)->dividedBy(self::MM_PER_INCH);
    }

    private function half(BigRational $size): string
    {
        $halves = $size->multipliedBy(2)->toScale(0, RoundingMode::HALF_UP)->toBigInteger()->toInt();

        return intdiv($halves, 2) . ($halves % 2 === 0 ? '' : '.5');
    }
}
