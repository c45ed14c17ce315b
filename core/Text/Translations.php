<?php

declare(strict_types=1);

namespace Core\Text;

/** Names in other languages, by language tag (RFC 5646: "de", "pt-BR", "zh-Hant"). */
final readonly class Translations
{
    /** @param  array<string, string>  $byTag */
    private function __construct(public array $byTag) {}

    /**
     * One to a line: "de: Moos".
     *
     * @throws UnreadableTranslation
     */
    public static function read(string $typed): self
    {
        $byTag = [];
        foreach (preg_split('/\R/u', $typed) ?: [] as $line) {
            if (trim($line) === '') {
                continue;
            }
            [$tag, $name] = array_pad(explode(':', $line, 2), 2, '');
            $tag = self::canonical(trim($tag));
            $name = Name::of($name)->shown;
            if ($tag === null || $name === '') {
                throw UnreadableTranslation::line($line);
            }
            if (isset($byTag[$tag])) {
                throw UnreadableTranslation::twice($tag);
            }
            $byTag[$tag] = $name;
        }
        ksort($byTag);

        return new self($byTag);
    }

    /** @param  array<string, string>  $byTag */
    public static function of(array $byTag): self
    {
        return new self($byTag);
    }

    /** As it is typed in a form: one to a line, "de: Moos". */
    public function typed(): string
    {
        return implode(
            "\n",
            array_map(
                fn(string $tag, string $name): string => "{$tag}: {$name}",
                array_keys($this->byTag),
                $this->byTag,
            ),
        );
    }

    /** The name in a language: under its own tag, else under a shorter one ("pt" for "pt-BR"), else null. */
    public function in(string $tag): ?string
    {
        return $this->byTag[self::nearest($tag, array_keys($this->byTag))] ?? null;
    }

    /**
     * Of some languages the one that serves for another: itself, else with a shorter tag ("pt" for "pt-BR"), else "".
     *
     * @param  list<string>  $tags
     */
    public static function nearest(string $tag, array $tags): string
    {
        for ($parts = explode('-', self::canonical($tag) ?? ''); $parts !== []; array_pop($parts)) {
            if (in_array(implode('-', $parts), $tags, true)) {
                return implode('-', $parts);
            }
        }

        return '';
    }

    /**
     * A language tag as it is written: language in small letters, script with a capital, region in capitals; null where
     * it is none.
     */
    public static function canonical(string $tag): ?string
    {
        if (
            preg_match(
                '/^([a-z]{2,3})(?:-([a-z]{4}))?(?:-([a-z]{2}|\d{3}))?$/i',
                str_replace('_', '-', $tag),
                $found,
            ) !== 1
        ) {
            return null;
        }

        return implode(
            '-',
            array_filter(
                [strtolower($found[1]), ucfirst(strtolower($found[2] ?? '')), strtoupper($found[3] ?? '')],
                fn(string $part): bool => $part !== '',
            ),
        );
    }
}
