<?php

declare(strict_types=1);

namespace Core\Matrix;

use Normalizer;

/**
 * A name as it is compared: Unicode NFKC, case folded, white space collapsed. Two names that fold
 * alike are the same name.
 */
final readonly class Name
{
    private function __construct(
        public string $shown,
        public string $folded,
    ) {
    }

    public static function of(string $typed): self
    {
        $normal = Normalizer::normalize($typed, Normalizer::FORM_KC);
        $text = is_string($normal) ? $normal : $typed;
        $shown = trim((string) preg_replace('/[\s\p{Z}\p{Cc}]+/u', ' ', $text));

        return new self($shown, mb_convert_case($shown, MB_CASE_FOLD));
    }

    public function is(self $other): bool
    {
        return $this->folded === $other->folded;
    }

    /** The folded name without anything but letters and digits: "X-Large" and "x large" are alike here. */
    public function bare(): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', $this->folded);
    }
}
