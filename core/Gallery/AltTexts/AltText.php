<?php

declare(strict_types=1);

namespace Core\Gallery\AltTexts;

use Core\Gallery\Placement;
use Core\Matrix\Matrix;
use Core\Reach\Wording;

/**
 * The text that stands for a picture where it cannot be seen: a pattern, filled from what the picture is of, such as
 * "{view} of {product}[ in {values}]".
 */
final readonly class AltText
{
    public const PATTERN = '{product}, {values}, {view}';

    /** What a pattern can have in braces. */
    public const PARTS = ['product', 'brand', 'values', 'view'];

    /** Longer texts are cut off by what reads them aloud. Common practice, no source. */
    public const LONGEST = 125;

    /** @throws UnreadablePattern where it has another word in braces, or none at all */
    public function __construct(private string $pattern = self::PATTERN)
    {
        preg_match_all('/\{([^{}]*)\}/', $pattern, $found);
        $unknown = array_values(array_diff($found[1], self::PARTS));
        if ($unknown !== []) {
            throw UnreadablePattern::unknownPart($unknown[0]);
        }
        if ($found[1] === []) {
            throw UnreadablePattern::noPart();
        }
    }

    /** A typed text wins; otherwise the pattern. */
    public function of(Placement $placement, string $productName, Matrix $matrix, string $brand = ''): string
    {
        return $placement->altText !== ''
            ? $placement->altText
            : $this->made($placement, $productName, $matrix, $brand);
    }

    /**
     * By the pattern, without the parts that have nothing to say.
     *
     * @param  ?string  $viewName  what the view is called, where that is not its own name
     */
    public function made(
        Placement $placement,
        string $productName,
        Matrix $matrix,
        string $brand = '',
        ?string $viewName = null,
    ): string {
        $reach = $placement->reach->activeIn($matrix);
        $parts = [
            '{product}' => $productName,
            '{brand}' => $brand,
            '{values}' => $reach->isEverything() || $reach->isNothing() ? '' : (new Wording())->say($reach, $matrix),
            '{view}' => $viewName ?? ($placement->view->name ?? ''),
        ];
        // What stands in square brackets falls away with a part in it that has nothing to say.
        $said = preg_replace_callback(
            '/\[([^\[\]]*)\]/',
            fn(array $found): string => array_filter(
                $parts,
                fn(string $text, string $part): bool => $text === '' && str_contains($found[1], $part),
                ARRAY_FILTER_USE_BOTH,
            ) === []
                ? $found[1]
                : '',
            $this->pattern,
        );
        $text = strtr((string) $said, $parts);

        return trim(
            (string) preg_replace(['/(\s*,)+\s*(?=,|$)/', '/\s{2,}/', '/\(\s*\)/'], ['', ' ', ''], $text),
            ' ,:–-',
        );
    }
}
