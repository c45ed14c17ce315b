<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use Core\Pricing\BreakScope;
use Core\Pricing\QuantityBreak;

/** A quantity break in its form, or an empty row for one more. */
final readonly class BreakRow
{
    private const FIELDS = 3;

    /** As people count. */
    public int $row;

    /** Numbers of its fields. */
    public int $first;

    public int $second;

    public int $third;

    public ?int $from;

    public string $off;

    public ?BreakScope $scope;

    public function __construct(int $at, ?QuantityBreak $break)
    {
        $this->row = $at + 1;
        $this->first = $at * self::FIELDS;
        $this->second = $this->first + 1;
        $this->third = $this->first + 2;
        $this->from = $break?->from;
        $this->off = $break?->offAgain() ?? '';
        $this->scope = $break?->scope;
    }
}
