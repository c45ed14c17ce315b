<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Matrix;
use Core\Reach\Wording;

/** The text that stands for a picture where it cannot be seen. */
final class AltText
{
    public const PATTERN = '{product}, {values}, {view}';

    /** A typed text wins; otherwise the pattern, without the parts that have nothing to say. */
    public function of(Placement $placement, string $productName, Matrix $matrix, string $pattern = self::PATTERN): string
    {
        if ($placement->altText !== '') {
            return $placement->altText;
        }
        $reach = $placement->reach->activeIn($matrix);
        $text = strtr($pattern, [
            '{product}' => $productName,
            '{values}' => $reach->isEverything() || $reach->isNothing() ? '' : (new Wording())->say($reach, $matrix),
            '{view}' => $placement->view->name ?? '',
        ]);

        return trim((string) preg_replace('/(\s*,)+\s*(?=,|$)/', '', $text), ' ,');
    }
}
