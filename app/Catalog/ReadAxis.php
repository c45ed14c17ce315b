<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\LibraryAxis;
use Core\Color\Swatch;
use Core\Matrix\Axis;
use Core\Matrix\TypedValues;
use Core\Matrix\Value;
use Core\Sizes\SizeRun;

/** A typed axis held against the library. Values and axes the library does not have yet carry ids below zero. */
final readonly class ReadAxis
{
    /**
     * @param  array<int, ?Swatch>  $swatches  by value id
     * @param  list<Value>  $unused  values of the library that are not in use here
     * @param  list<SizeRun>  $runs  of this axis
     * @param  ?LibraryAxis  $near  of a new axis: one of the library that is called nearly so
     */
    public function __construct(
        public DraftAxis $draft,
        public Axis $axis,
        public TypedValues $read,
        public array $swatches,
        public array $unused,
        public array $runs,
        public ?LibraryAxis $near = null,
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
