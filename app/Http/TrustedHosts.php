<?php

declare(strict_types=1);

namespace App\Http;

/**
 * The names by which this server may be called: that of its address, those that the settings add, and the machine
 * itself.
 */
final class TrustedHosts
{
    private const ITSELF = ['127.0.0.1', 'localhost', '[::1]'];

    /** @return list<string> as patterns */
    public static function patterns(): array
    {
        $own = parse_url((string) config('app.url'), PHP_URL_HOST);
        $named = array_map(trim(...), explode(',', (string) config('slate.trusted_hosts')));

        return array_map(
            fn(string $host): string => '^' . preg_quote($host, '{') . '$',
            array_values(
                array_filter(
                    [...self::ITSELF, is_string($own) ? $own : '', ...$named],
                    fn(string $host): bool => $host !== '',
                ),
            ),
        );
    }
}
