<?php

declare(strict_types=1);

namespace Core\Text;

use Normalizer;

/**
 * A name: shown as it was typed, compared as it is folded. Two names that fold alike are the same name,
 * here and in the database, whose folded columns compare byte by byte.
 *
 * Folding is Unicode's NFKC_Casefold (The Unicode Standard, section 3.13, "Default Caseless Matching"),
 * less all format characters, with white space collapsed.
 */
final readonly class Name
{
    /** A folded name can be many times longer than it was typed: one character may stand for eighteen. */
    public const LONGEST_FOLDED = 400;

    /** Normalizer::FORM_KC_CF, which static analysis does not know. */
    private const NFKC_CASEFOLD = 48;

    /** Signs of ASCII that can be seen, and spaces. */
    private const PLAIN = '/^[\x20-\x7E]*$/D';

    private function __construct(public string $shown, public string $folded) {}

    /** @param  string  $typed  anything; what is no UTF-8 is read as far as it is */
    public static function of(string $typed): self
    {
        if (preg_match(self::PLAIN, $typed) === 1) {
            // Of these neither normalizing nor folding makes anything but small letters.
            $shown = trim((string) preg_replace('/ {2,}/', ' ', $typed), ' ');

            return new self($shown, strtolower($shown));
        }
        $shown = self::collapsed(self::normal(mb_scrub($typed, 'UTF-8'), Normalizer::FORM_C));

        return new self($shown, self::fold($shown));
    }

    /** Whether both are one name: equal after folding. */
    public function is(self $other): bool
    {
        return $this->folded === $other->folded;
    }

    /** Whether there is nothing to compare: no character, or only such as cannot be seen. */
    public function isEmpty(): bool
    {
        return $this->folded === '';
    }

    /** Whether the name has more characters than allowed, as shown or as compared. */
    public function isLongerThan(int $most): bool
    {
        return mb_strlen($this->shown) > $most || mb_strlen($this->folded) > self::LONGEST_FOLDED;
    }

    /** The folded name without anything but letters and digits: "X-Large" and "x large" are alike here. */
    public function bare(): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', $this->folded);
    }

    private static function fold(string $text): string
    {
        do {
            $before = $text;
            $text = self::collapsed((string) preg_replace('/\p{Cf}+/u', '', self::normal($text, self::NFKC_CASEFOLD)));
        } while ($text !== $before);

        return $text;
    }

    private static function normal(string $text, int $form): string
    {
        $normal = Normalizer::normalize($text, $form);

        return is_string($normal) ? $normal : $text;
    }

    private static function collapsed(string $text): string
    {
        return trim((string) preg_replace('/[\s\p{Z}\p{Cc}]+/u', ' ', $text), ' ');
    }
}
