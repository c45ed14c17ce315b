<?php

declare(strict_types=1);

namespace Core\Matrix;

/** One factor of the arithmetic: how many values an axis has, and what they are called. */
final readonly class Factor
{
    public function __construct(public int $count, public string $axisName) {}

    /** What its values are called when counted: "size", "colors". */
    public function noun(): string
    {
        $noun = mb_strtolower($this->axisName);
        if ($this->count === 1) {
            return $noun;
        }

        return match (true) {
            preg_match('/(s|x|z|ch|sh)$/u', $noun) === 1 => $noun . 'es',
            preg_match('/[^aeiou]y$/u', $noun) === 1 => mb_substr($noun, 0, -1) . 'ies',
            default => $noun . 's',
        };
    }

    /** "5 sizes" */
    public function inWords(): string
    {
        return $this->count . ' ' . $this->noun();
    }
}
