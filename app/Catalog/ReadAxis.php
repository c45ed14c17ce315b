<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Matrix\Axis;
use Core\Matrix\TypedValues;
use Core\Sizes\SizeRun;

/** A typed axis held against the library. Values and axes the library does not have yet carry ids below zero. */
final readonly class ReadAxis
{
    /**
     * @param  array<int, ?string>  $swatches  by value id
     * @param  list<string>  $unused  values of the library that are not typed here
     * @param  list<SizeRun>  $runs  of this axis
     */
    public function __construct(
        public DraftAxis $draft,
        public Axis $axis,
        public TypedValues $read,
        public array $swatches,
        public array $unused,
        public array $runs,
    ) {
    }

    public function isNew(): bool
    {
        return $this->axis->id < 0;
    }

    /** @return list<string> values that the library does not have yet */
    public function newValues(): array
    {
        $new = [];
        foreach ($this->axis->values as $value) {
            if ($value->id < 0) {
                $new[] = $value->label;
            }
        }

        return $new;
    }
}
