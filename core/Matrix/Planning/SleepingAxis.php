<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

use Core\Matrix\Axis;

/**
 * An axis that a product had and does not have at the moment. What named it sleeps, and wakes as the axis
 * returns. Until then the product is as if it stood at one value of it, if one was chosen to stay.
 */
final readonly class SleepingAxis
{
    /**
     * @param  list<int>  $valueIds  the values it had as it was dropped
     * @param  ?int  $standsAt  the value that stayed; null where another axis took its place
     * @param  list<int>  $sleeping  ids of values that the product had before that
     * @param  string  $name  what the axis is called
     * @param  string  $label  what the value that stayed is called
     * @param  bool  $changesPicture  whether its values look different, as the product has it
     */
    public function __construct(
        public int $id,
        public array $valueIds,
        public ?int $standsAt,
        public array $sleeping = [],
        public string $name = '',
        public string $label = '',
        public bool $changesPicture = false,
    ) {}

    /** @param  ?int  $standsAt  the value that stays; null where another axis takes its place */
    public static function of(Axis $axis, ?int $standsAt): self
    {
        $label = $standsAt === null ? '' : $axis->value($standsAt)->label ?? '';

        return new self(
            $axis->id,
            $axis->valueIds(),
            $standsAt,
            $axis->sleeping,
            $axis->name,
            $label,
            $axis->changesPicture,
        );
    }

    /** @return list<int> */
    public function everyValueId(): array
    {
        return [...$this->valueIds, ...$this->sleeping];
    }
}
