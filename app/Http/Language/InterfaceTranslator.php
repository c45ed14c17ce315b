<?php

declare(strict_types=1);

namespace App\Http\Language;

use Illuminate\Support\HtmlString;
use Illuminate\Translation\Translator;

/**
 * Laravel's translator, with two habits. What is put into a sentence is written as the language writes it: a whole
 * number, a number with one digit after the point, a list. And a sentence may hold a few marks such as <b>, while
 * everything put into it is escaped.
 */
final class InterfaceTranslator extends Translator
{
    /**
     * A sentence with marks in it.
     *
     * @param array<string, list<string>|string|int|float|null> $with
     */
    public static function html(string $key, array $with = []): HtmlString
    {
        return new HtmlString(app(self::class)->get($key, self::escaped($with)));
    }

    /**
     * The same for a sentence that depends on a number.
     *
     * @param array<string, list<string>|string|int|float|null> $with
     */
    public static function htmlChoice(string $key, int $number, array $with = []): HtmlString
    {
        return new HtmlString(app(self::class)->choice($key, $number, self::escaped($with)));
    }

    /**
     * @param string $line
     * @param array<string, mixed> $replace
     */
    protected function makeReplacements($line, array $replace): string
    {
        return parent::makeReplacements($line, array_map($this->written(...), $replace));
    }

    private function written(mixed $with): mixed
    {
        return match (true) {
            is_array($with) => Numbers::list($with),
            is_int($with) => Numbers::written($with),
            is_float($with) => Numbers::written($with, 1),
            default => $with,
        };
    }

    /**
     * @param array<string, list<string>|string|int|float|null> $with
     * @return array<string, list<string>|string|int|float|null>
     */
    private static function escaped(array $with): array
    {
        return array_map(
            fn(array|string|int|float|null $one): array|string|int|float|null => match (true) {
                is_array($one) => array_map(fn(string $thing): string => e($thing), $one),
                is_string($one) => e($one),
                default => $one,
            },
            $with,
        );
    }
}
