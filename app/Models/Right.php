<?php

declare(strict_types=1);

namespace App\Models;

/** What a person may do; each right includes those before it. */
enum Right: string
{
    case View = 'view';
    case Edit = 'edit';
    case Release = 'release';

    public function includes(self $other): bool
    {
        $order = array_flip(array_map(fn(self $right): string => $right->value, self::cases()));

        return $order[$this->value] >= $order[$other->value];
    }

    public function inWords(): string
    {
        return match ($this) {
            self::View => 'look',
            self::Edit => 'edit',
            self::Release => 'edit and release',
        };
    }
}
