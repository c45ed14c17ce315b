<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

/** The text that stands for a picture, what is wrong with it, and what would be put in its place. */
final readonly class AltTextRow
{
    /**
     * @param ?string $thumb address; null while the picture is being read
     * @param bool $isTyped whether somebody typed it
     * @param list<string> $faults in words
     * @param string $proposal the other text, or what to do; empty where nothing is wrong
     */
    public function __construct(
        public ?string $thumb,
        public string $text,
        public bool $isTyped,
        public array $faults,
        public string $proposal,
    ) {}
}
