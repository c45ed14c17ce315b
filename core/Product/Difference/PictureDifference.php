<?php

declare(strict_types=1);

namespace Core\Product\Difference;

use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Matrix\Matrix;

/** A picture in two states of a product; null where it is not in one of them. */
final readonly class PictureDifference
{
    public function __construct(public ?Placement $before, public ?Placement $after) {}

    /** Whether it is there in both states, and what is kept of it is the same: what sleeps of its reach too. */
    public function isNone(Matrix $before, Matrix $after): bool
    {
        $old = $this->before;
        $new = $this->after;

        return $old !== null &&
            $new !== null &&
            $old->photoId === $new->photoId &&
            $old->reach->equals($new->reach) &&
            $old->hidden->equals($new->hidden) &&
            $old->reach->activeIn($before)->equals($new->reach->activeIn($after)) &&
            $old->hidden->activeIn($before)->equals($new->hidden->activeIn($after)) &&
            [$old->file, $old->view?->key, $old->altText, $old->crop, self::roles($old)] === [
                $new->file,
                $new->view?->key,
                $new->altText,
                $new->crop,
                self::roles($new),
            ];
    }

    /** @return list<string> in the order of roles */
    private static function roles(Placement $placement): array
    {
        return array_map(
            fn(Role $role): string => $role->value,
            array_values(array_filter(Role::cases(), $placement->carries(...))),
        );
    }
}
