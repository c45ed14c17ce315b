<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

/**
 * One value that hands what it has over to another: as two values merge, as the first part of a
 * value that is split, or as one axis takes another's place.
 */
final readonly class Succession
{
    public function __construct(public int $axisId, public int $valueId, public int $toAxisId, public int $toValueId) {}

    /** One value hands over to another of the same axis. */
    public static function within(int $axisId, int $valueId, int $toValueId): self
    {
        return new self($axisId, $valueId, $axisId, $toValueId);
    }

    /** The same for all that hand over to the same value. */
    public function target(): string
    {
        return $this->toAxisId . ':' . $this->toValueId;
    }
}
