<?php

declare(strict_types=1);

namespace App\Store;

use Core\Details\Fact;
use Core\Text\Name;

/** Writes facts of a product, under one name once. */
final class FactRows
{
    /** @return array<string, string|int> */
    public static function columns(Fact $fact, int $position): array
    {
        $name = Name::of($fact->name);

        return ['name' => $name->shown, 'folded' => $name->folded, 'position' => $position] + self::said($fact);
    }

    /** @return array<string, string|int> */
    private static function said(Fact $fact): array
    {
        return [
            'value' => $fact->value,
            'kind' => $fact->kind->value,
            'unit' => $fact->unit,
            'is_shown' => (int) $fact->isShown,
        ];
    }
}
