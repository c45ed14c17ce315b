<?php

declare(strict_types=1);

namespace Tests\Architecture;

/** What a view must not do: it says what it is given, and decides nothing. */
final class ViewPurity
{
    private const BREACHES = [
        'names a class' => '/\\\\?\b(?:App|Core|Illuminate)\\\\/',
        'asks the container' => '/\bapp\((?!\)->getLocale)/',
        'runs PHP' => '/@php\b|<\?php/',
        'formats a number' => '/\b(?:number_format|sprintf|round)\(/',
        'works on a list' =>
            '/(?<!->)\b(?:array_\w+|implode|explode|collect|in_array|max|min|range|usort)\(|\bfn\s*\(/',
        'works on a text' => '/\b(?:str_replace|preg_\w+|strtr|strtolower|substr|mb_substr|rtrim)\(/',
        'makes a plural' => '/=== 1 \?/',
        'computes' => '/[\w)\]] [-+*\/%] [\w($]/',
    ];

    /** @return list<string> "board/card.blade.php computes: {{ $at + 1 }}" */
    public static function breaches(string $name, string $view): array
    {
        $breaches = [];
        foreach (self::expressions($view) as $expression) {
            $code = preg_replace("/'(?:[^'\\\\]|\\\\.)*'/", "''", $expression);
            foreach (self::BREACHES as $does => $pattern) {
                if (preg_match($pattern, $code) === 1) {
                    $breaches[] = "{$name} {$does}: " . preg_replace('/\s+/', ' ', $expression);
                }
            }
        }

        return $breaches;
    }

    /**
     * Words that a view says by itself, in place of asking the translator.
     *
     * @return list<string>
     */
    public static function untranslated(string $view): array
    {
        $text = preg_replace(
            ['/\{\{--.*?--\}\}/s', '/\{\{.*?\}\}|\{!!.*?!!\}/s', '/\s:[a-z-]+="[^"]*"/', '/<(code|style)\b.*?<\/\1>/s'],
            ['', ' ', ' ', ' '],
            $view,
        );
        foreach (self::directives($text) as $directive) {
            $text = str_replace($directive, ' ', $text);
        }
        $text = preg_replace('/@\w+/', ' ', $text);
        preg_match_all('/\s(?:title|aria-label|placeholder|alt)="([^"]*)"/', $text, $attributes);
        $said = [...preg_split('/<[^<>]*>/', $text), ...$attributes[1]];

        return array_values(
            array_filter(
                array_map(trim(...), $said),
                fn(string $words): bool => preg_match('/\p{L}{2,}/u', html_entity_decode($words)) === 1,
            ),
        );
    }

    /** @return list<string> everything in a view that is PHP */
    private static function expressions(string $view): array
    {
        $view = preg_replace('/\{\{--.*?--\}\}/s', '', $view);
        preg_match_all('/\{\{.*?\}\}|\{!!.*?!!\}|<\?php.*?\?>|\s:[a-z-]+="[^"]*"/s', $view, $found);

        return [...$found[0], ...self::directives($view)];
    }

    /** @return list<string> directives with what stands in their parentheses */
    private static function directives(string $view): array
    {
        preg_match_all('/@\w+\s*(\((?:[^()\'"]|\'(?:[^\'\\\\]|\\\\.)*\'|"[^"]*"|(?1))*\))/s', $view, $found);

        return $found[0];
    }
}
