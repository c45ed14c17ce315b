<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Color\Measuring\PictureColors;
use Core\Reach\Reach;

/** A picture that shows one value of an axis, and the colors that were measured of it. */
final readonly class ValuePicture
{
    public function __construct(
        public int $placementId,
        public string $file,
        public int $valueId,
        public PictureColors $seen,
    ) {}

    /**
     * The one value of an axis that a reach names, so that a picture with it shows that value; null where it names
     * none, or several.
     */
    public static function valueOf(Reach $reach, int $axisId): ?int
    {
        $values = [];
        foreach ($reach->clauses as $clause) {
            if (!$clause->names($axisId)) {
                return null;
            }
            $values += array_flip($clause->values()[$axisId]);
        }

        return count($values) === 1 ? array_key_first($values) : null;
    }

    /** Whether it can speak for or against a color. */
    public function isTold(): bool
    {
        return $this->seen->areTold();
    }
}
