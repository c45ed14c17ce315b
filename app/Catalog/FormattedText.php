<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Catalog\Description;
use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** Formatted text as it may be stored and shown: paragraphs, headings, lists, strong and emphasized words, links to the web. */
final class FormattedText
{
    private const ELEMENTS = ['p', 'br', 'strong', 'em', 'h3', 'h4', 'ul', 'ol', 'li'];

    /** Longer is cut by the sanitizer: no field takes so much. */
    private const MOST = 200_000;

    private static ?HtmlSanitizer $sanitizer = null;

    /** Text without tags stays as it is. */
    public static function cleaned(string $typed): string
    {
        $text = trim($typed);
        if (! (new Description($text))->isFormatted()) {
            return $text;
        }
        $cleaned = trim(self::sanitizer()->sanitizeFor('div', $text));

        return (new Description($cleaned))->plain() === '' && (new Description($cleaned))->parts() === [] ? '' : self::withoutEmpty($cleaned);
    }

    private static function withoutEmpty(string $html): string
    {
        $kept = trim((string) preg_replace('/<(p|h3|h4|li)>(?:\s|&nbsp;|&#160;|<br\s*\/?>)*<\/\1>/u', '', $html));

        return strip_tags($kept) === '' ? '' : $kept;
    }

    private static function sanitizer(): HtmlSanitizer
    {
        if (self::$sanitizer === null) {
            $config = (new HtmlSanitizerConfig())->withMaxInputLength(self::MOST)->allowLinkSchemes(['http', 'https', 'mailto'])->allowElement('a', ['href'])->forceAttribute('a', 'rel', 'noopener nofollow');
            foreach (self::ELEMENTS as $element) {
                $config = $config->allowElement($element);
            }
            // Others lose their tags; their text stays.
            foreach (['div', 'span', 'b', 'i', 'u', 'h1', 'h2', 'h5', 'h6', 'table', 'tbody', 'thead', 'tr', 'td', 'th', 'font', 'section', 'article', 'blockquote'] as $element) {
                $config = $config->blockElement($element);
            }
            self::$sanitizer = new HtmlSanitizer($config);
        }

        return self::$sanitizer;
    }
}
