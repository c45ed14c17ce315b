<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\ReadAxis;
use Core\Matrix\Value;

/** An axis in the form about axes: as it is typed, and as it was understood. */
final readonly class SetupRow
{
    /** Values of the library that are offered. */
    private const OFFERED = 30;

    public string $called;

    /** @param ?ReadAxis $own null while something stands in the way */
    public function __construct(public DraftAxis $draft, public ?ReadAxis $own)
    {
        $this->called = $draft->name === '' ? __('board.the_new_axis') : $own?->axis->name ?? $draft->name;
    }

    public function isColor(): bool
    {
        return $this->own?->axis->kind->isColor() ?? false;
    }

    /** @return list<Value> values that the library has of it, and the product has not */
    public function unused(): array
    {
        return array_slice($this->own->unused ?? [], 0, self::OFFERED);
    }
}
