<?php

declare(strict_types=1);

namespace Core\Color\Names;

use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;

/**
 * A first color for a value that is named like one, to be corrected by hand. Common practice, no
 * source: cloth and leather colors as shops mean them, not a standard's.
 */
final class ColorNames
{
    private const COLORS = [
        'black' => '#1c1c1e',
        'white' => '#f6f5f1',
        'grey' => '#8a8d91',
        'gray' => '#8a8d91',
        'silver' => '#bfc3c7',
        'charcoal' => '#3d4145',
        'ink' => '#3a3d63',
        'navy' => '#24304f',
        'indigo' => '#3b3f7d',
        'blue' => '#3f63a3',
        'sky' => '#8fb4d6',
        'denim' => '#4d6485',
        'slate' => '#4a5a6f',
        'teal' => '#2f6f73',
        'moss' => '#5f7049',
        'olive' => '#6c6a3c',
        'green' => '#3f7a4d',
        'sage' => '#9cab8d',
        'fern' => '#4f7f4f',
        'forest' => '#2c4a38',
        'mint' => '#a9d3bd',
        'pine' => '#2f5547',
        'clay' => '#b4694a',
        'rust' => '#a3502f',
        'brick' => '#8f3f35',
        'red' => '#b3322f',
        'berry' => '#7e2b4d',
        'wine' => '#5f2333',
        'plum' => '#5d3a5c',
        'rose' => '#cf8f93',
        'pink' => '#e0a3b4',
        'coral' => '#dd7a63',
        'orange' => '#d9772f',
        'amber' => '#cf9130',
        'mustard' => '#c0973a',
        'yellow' => '#e2c23f',
        'straw' => '#dcc88b',
        'oat' => '#d9c9a3',
        'sand' => '#cdb891',
        'cream' => '#efe5cd',
        'ivory' => '#f2ecdc',
        'ecru' => '#dfd3b8',
        'tan' => '#b58d63',
        'brown' => '#6b4a35',
        'chestnut' => '#744433',
        'bark' => '#57453a',
        'walnut' => '#5d4636',
        'stone' => '#b5ada0',
        'chalk' => '#ece9e2',
        'purple' => '#664b86',
        'lavender' => '#a79bc6',
        'gold' => '#b5923f',
    ];

    /**
     * @param  string  $folded  a name as Text folds names
     * @return ?string "#rrggbb" of its last word that is a color: "dark moss" is a moss
     */
    public static function hex(string $folded): ?string
    {
        foreach (array_reverse(preg_split('/[^\p{L}]+/u', $folded) ?: []) as $word) {
            if (isset(self::COLORS[$word])) {
                return self::COLORS[$word];
            }
        }

        return null;
    }

    /** A first swatch for a value that is named like a color, or like two; null where it is named like none. */
    public static function swatch(string $folded): ?Swatch
    {
        $colors = self::colors($folded);

        return $colors === [] ? null : Swatch::of(...array_map(Srgb::fromHex(...), $colors));
    }

    /**
     * The colors of a compound: "white with red print", "navy/white".
     *
     * @param  string  $folded  a name as Text folds names
     * @return list<string> "#rrggbb" of up to three parts in which a color is named, in their order; none where none is
     */
    public static function colors(string $folded): array
    {
        $parts = preg_split('/[\/&+,]|\b(?:with|and|on|mit|und|et|avec)\b/u', $folded) ?: [];
        $known = array_values(array_filter(array_map(self::hex(...), $parts)));

        return array_slice(
            count(array_unique($known)) > 1 ? array_values(array_unique($known)) : array_slice($known, 0, 1),
            0,
            3,
        );
    }
}
