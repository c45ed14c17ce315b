<?php

declare(strict_types=1);

namespace App\Http\Screens;

/** A category as it is shown: "Outerwear › Smocks". */
final class CategoryPath
{
    public static function shown(string $category): string
    {
        return str_replace(' > ', ' › ', $category);
    }
}
