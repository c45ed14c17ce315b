<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use Core\Gallery\AltTexts\AltText;

/** A pattern of alt texts, and what it makes of a product everybody can imagine. */
final readonly class PatternSample
{
    private const SAMPLE = [
        '{product}' => 'Potting smock',
        '{brand}' => 'Thrumbury',
        '{values}' => 'Moss',
        '{view}' => 'front',
        '[' => '',
        ']' => '',
    ];

    public string $sample;

    private function __construct(public string $pattern)
    {
        $this->sample = strtr($pattern, self::SAMPLE);
    }

    /**
     * @param array<string, string> $patterns by language; the shop's own is under ''
     * @return array<string, self> the shop's own first, the usual one where it has none
     */
    public static function of(array $patterns): array
    {
        return array_map(
            fn(string $pattern): self => new self($pattern),
            ['' => $patterns[''] ?? AltText::PATTERN] + $patterns,
        );
    }
}
