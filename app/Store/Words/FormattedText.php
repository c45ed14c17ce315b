<?php

declare(strict_types=1);

namespace App\Store\Words;

use Core\Product\Description;
use Core\Refusal;
use Core\RefusalKind;
use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/**
 * Formatted text as it may be stored and shown: paragraphs, headings, lists, strong and emphasized words, links to the
 * web.
 */
final class FormattedText
{
    private const ELEMENTS = ['p', 'br', 'strong', 'em', 'h3', 'h4', 'ul', 'ol', 'li'];

    /** Longer is cut by the sanitizer: no field takes so much. */
    private const MOST = 200_000;

    /** What has no end of its own: HTML, 13.1.2. */
    private const ALONE = [
        'area',
        'base',
        'br',
        'col',
        'embed',
        'hr',
        'img',
        'input',
        'link',
        'meta',
        'source',
        'track',
        'wbr',
    ];

    private static ?HtmlSanitizer $sanitizer = null;

    /** Tags that may lie within one another: the sanitizer's work grows with the square of it. */
    private const DEEPEST = 100;

    /**
     * Text without tags stays as it is.
     *
     * @throws Refusal where tags lie too deep within one another
     */
    public static function cleaned(string $typed): string
    {
        $text = trim($typed);
        if (!(new Description($text))->isFormatted()) {
            return $text;
        }
        if (self::depth($text) > self::DEEPEST) {
            throw new Refusal(
                'The formatting of this text lies more than ' .
                    self::DEEPEST .
                    ' deep within itself. Paste it without formatting.',
                RefusalKind::Unreadable,
                'description',
            );
        }
        $cleaned = trim(self::sanitizer()->sanitizeFor('div', $text));

        return (new Description($cleaned))->plain() === '' && (new Description($cleaned))->parts() === []
            ? ''
            : self::withoutEmpty($cleaned);
    }

    /** A text that was stored, as it may be shown. */
    public static function shown(string $stored): string
    {
        return self::depth($stored) > self::DEEPEST ? strip_tags($stored) : self::cleaned($stored);
    }

    /** How deep tags lie within one another at most. What is never closed counts as open to the end. */
    private static function depth(string $html): int
    {
        $depth = $deepest = 0;
        preg_match_all('~<(/?)([a-z][a-z0-9]*)~i', $html, $tags, PREG_SET_ORDER);
        foreach ($tags as [, $slash, $name]) {
            if (!in_array(strtolower($name), self::ALONE, true)) {
                $depth = max(0, $depth + ($slash === '' ? 1 : -1));
                $deepest = max($deepest, $depth);
            }
        }

        return $deepest;
    }

    private static function withoutEmpty(string $html): string
    {
        $kept = trim((string) preg_replace('/<(p|h3|h4|li)>(?:\s|&nbsp;|&#160;|<br\s*\/?>)*<\/\1>/u', '', $html));

        return strip_tags($kept) === '' ? '' : $kept;
    }

    private static function sanitizer(): HtmlSanitizer
    {
        if (self::$sanitizer === null) {
            $config = (new HtmlSanitizerConfig())
                ->withMaxInputLength(self::MOST)
                ->allowLinkSchemes(['http', 'https', 'mailto'])
                ->allowElement('a', ['href'])
                ->forceAttribute('a', 'rel', 'noopener nofollow');
            foreach (self::ELEMENTS as $element) {
                $config = $config->allowElement($element);
            }
            // Others lose their tags; their text stays.
            foreach (
                [
                    'div',
                    'span',
                    'b',
                    'i',
                    'u',
                    'h1',
                    'h2',
                    'h5',
                    'h6',
                    'table',
                    'tbody',
                    'thead',
                    'tr',
                    'td',
                    'th',
                    'font',
                    'section',
                    'article',
                    'blockquote',
                ]
                as $element
            ) {
                $config = $config->blockElement($element);
            }
            self::$sanitizer = new HtmlSanitizer($config);
        }

        return self::$sanitizer;
    }
}
