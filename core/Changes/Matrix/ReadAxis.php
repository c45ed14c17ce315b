<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Color\Swatches\Swatch;
use Core\Matrix\Axis;
use Core\Matrix\Typed\TypedValues;
use Core\Matrix\Value;
use Core\Sizes\SizeRun;

/** A typed axis held against the library. Values and axes the library does not have yet carry ids below zero. */
final readonly class ReadAxis
{
    /**
     * @param  array<int, ?Swatch>  $swatches  by value id
     * @param  list<Value>  $unused  values of the library that are not in use here
     * @param  list<SizeRun>  $runs  of this axis
     * @param  ?string  $near  of a new axis: what one of the library is called nearly so
     */
    public function __construct(
        public DraftAxis $draft,
        public Axis $axis,
        public TypedValues $read,
        public array $swatches,
        public array $unused,
        public array $runs,
        public ?string $near = null,
    ) {}

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
