<?php

declare(strict_types=1);

namespace App\Http\Screens;

/** A browser by its usual name and that of its system, out of what it says of itself: "Firefox on Linux". */
final class BrowserName
{
    /** In this order: several say that they are others as well. */
    private const BROWSERS = [
        'Edg' => 'Edge',
        'OPR' => 'Opera',
        'Firefox' => 'Firefox',
        'Chrome' => 'Chrome',
        'Safari' => 'Safari',
    ];

    private const SYSTEMS = [
        'Android' => 'Android',
        'iPhone' => 'iPhone',
        'iPad' => 'iPad',
        'Windows' => 'Windows',
        'Mac OS' => 'macOS',
        'Linux' => 'Linux',
    ];

    public static function of(string $agent): string
    {
        $browser = self::first(self::BROWSERS, $agent) ?? __('answers.another_browser');
        $system = self::first(self::SYSTEMS, $agent);

        return $system === null
            ? $browser
            : __('answers.browser_on_system', ['browser' => $browser, 'system' => $system]);
    }

    /** @param  array<string, string>  $names  what stands in the text => what it is called */
    private static function first(array $names, string $agent): ?string
    {
        foreach ($names as $sign => $name) {
            if (str_contains($agent, $sign)) {
                return $name;
            }
        }

        return null;
    }
}
