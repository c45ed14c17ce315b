<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/** The addresses of the application, with things in them that are there. */
final class Addresses
{
    /**
     * @param  non-empty-list<string>  $methods
     * @return list<OneRoute>
     */
    public static function of(array $methods, string $pattern = '/./'): array
    {
        return array_values(
            array_filter(
                Route::getRoutes()->getRoutes(),
                fn(OneRoute $route): bool => array_intersect($methods, $route->methods()) !== [] &&
                    preg_match($pattern, $route->uri()) === 1 &&
                    !str_starts_with($route->uri(), 'storage/'),
            ),
        );
    }

    /** @param  array<string, string>  $instead  parameter => what stands in its place */
    public static function filled(OneRoute $route, Shop $shop, array $instead = []): string
    {
        $last = fn(string $table): string => (string) (DB::table($table)->max('id') ?? 1);
        $parameters = $instead + [
            'product' => $shop->product->code,
            'value' => $last('axis_values'),
            'axis' => $last('axes'),
            'pattern' => $last('code_patterns'),
            'range' => $last('gtin_ranges'),
            'run' => $last('size_runs'),
            'list' => $last('shot_lists'),
            'view' => $last('views'),
            'account' => (string) $shop->user->id,
            'batch' => (string) (DB::table('batches')->max('id') ?? str_repeat('0', 26)),
            'way' => 'undo',
            'word' => '1',
            'drop' => $last('drops'),
            'file' => $last('drop_files'),
            'placement' => $last('placements'),
            'photo' => $last('photos'),
            'banner' => $last('banners'),
            'entry' => $last('history'),
            'shape' => 'square',
            'size' => 'card',
            'type' => 'mp4',
        ];

        return '/' .
            preg_replace_callback(
                '/\{(\w+)\??\}/',
                fn(array $found): string => $parameters[$found[1]] ?? '1',
                $route->uri(),
            );
    }
}
