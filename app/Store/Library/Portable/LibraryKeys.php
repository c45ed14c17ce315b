<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** Names of the library as keys, and lists of it as texts. */
final class LibraryKeys
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /** @param  array<mixed>  $list */
    public static function list(array $list): string
    {
        return json_encode(array_values($list), self::FLAGS);
    }

    /** What a column of the database has as JSON, written as all others are; an object where it is empty, too. */
    public static function object(string $json): string
    {
        return json_encode((object) json_decode($json, true, flags: JSON_THROW_ON_ERROR), self::FLAGS);
    }

    /** @return list<string> */
    public static function read(string $json): array
    {
        return array_values(array_map(strval(...), json_decode($json, true, flags: JSON_THROW_ON_ERROR)));
    }

    /** @return array<string, int> folded name => id */
    public static function axisIds(): array
    {
        return DB::table('axes')->pluck('id', 'folded')->all();
    }

    /** @return array<string, int> folded names of axis and value, with a line between => id of the value */
    public static function valueIds(): array
    {
        return DB::table('axis_values')
            ->join('axes', 'axes.id', '=', 'axis_values.axis_id')
            ->get(['axis_values.id', 'axes.folded as axis', 'axis_values.folded'])
            ->mapWithKeys(fn($row): array => ["{$row->axis}\n{$row->folded}" => (int) $row->id])
            ->all();
    }

    public static function folded(string $name): string
    {
        return Name::of($name)->folded;
    }

    /** The key of a value of an axis. */
    public static function valueKey(string $axis, string $value): string
    {
        return self::folded($axis) . "\n" . self::folded($value);
    }
}
