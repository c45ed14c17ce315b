<?php

declare(strict_types=1);

namespace Core\Product;

/**
 * A product's description: plain text, or formatted (then it begins with a paragraph, a heading or a list), with the
 * product's own pictures where they are named by their ids, as "[picture 12]". What is formatted was cleaned before it
 * was stored. Documents name pictures by their place among the product's in the place of ids, as "[picture at 3]".
 */
final readonly class Description
{
    private const PICTURE = '/\[picture (\d{1,18})\]/';

    private const PLACE = '/\[picture at (\d{1,9})\]/';

    /** In formatted text a picture stands in a paragraph of its own. */
    private const PICTURE_PARAGRAPH = '/<p>\s*\[picture (\d{1,18})\]\s*(?:<br\s*\/?>)?\s*<\/p>/';

    public function __construct(private string $text) {}

    /** How a picture is named in a text. */
    public static function picture(int $placementId): string
    {
        return "[picture {$placementId}]";
    }

    /**
     * How a picture is named in a text that goes elsewhere.
     *
     * @param  int  $place  from 1; 0 for a picture that is not there
     */
    public static function place(int $place): string
    {
        return "[picture at {$place}]";
    }

    /**
     * The text with its pictures named otherwise.
     *
     * @param  callable(int): string  $name  given the id of a placement
     */
    public function renamed(callable $name): string
    {
        return (string) preg_replace_callback(
            self::PICTURE,
            fn(array $found): string => $name((int) $found[1]),
            $this->text,
        );
    }

    /**
     * A text from elsewhere, with its pictures named as here.
     *
     * @param  callable(int): ?int  $id  of the placement, given its place from 1; null where it has none yet
     */
    public static function fromElsewhere(string $text, callable $id): string
    {
        return (string) preg_replace_callback(
            self::PLACE,
            function (array $found) use ($id): string {
                $placementId = $id((int) $found[1]);

                return $placementId === null ? $found[0] : self::picture($placementId);
            },
            $text,
        );
    }

    /** Whether it names pictures by their places, as a text from elsewhere does. */
    public function namesPlaces(): bool
    {
        return preg_match(self::PLACE, $this->text) === 1;
    }

    public function isFormatted(): bool
    {
        return preg_match('/^\s*<(p|h3|h4|ul|ol)[\s>]/i', $this->text) === 1;
    }

    /** @return list<string|int> texts (formatted ones with their tags), and ids of placements, in order; none empty */
    public function parts(): array
    {
        $parts = [];
        foreach (
            preg_split(
                $this->isFormatted() ? self::PICTURE_PARAGRAPH : self::PICTURE,
                $this->text,
                -1,
                PREG_SPLIT_DELIM_CAPTURE,
            ) ?:
            []
            as $at => $part
        ) {
            if ($at % 2 === 1) {
                $parts[] = (int) $part;
            } elseif (trim($part) !== '') {
                $parts[] = trim($part);
            }
        }

        return $parts;
    }

    /** The text alone, a line to each paragraph. */
    public function plain(): string
    {
        $texts = array_filter($this->parts(), is_string(...));
        if ($this->isFormatted()) {
            $texts = array_map(function (string $html): string {
                $lines = (string) preg_replace('/<br\s*\/?>|<\/(p|li|h[1-6])>/i', "\n", $html);

                return trim(
                    (string) preg_replace(
                        "/[ \t]*\n\s*/",
                        "\n",
                        html_entity_decode(strip_tags($lines), ENT_QUOTES | ENT_HTML5, 'UTF-8'),
                    ),
                );
            }, $texts);
        }

        return implode("\n", $texts);
    }

    /** The same with tags: paragraphs of what is plain. */
    public function formatted(): string
    {
        if ($this->isFormatted() || trim($this->text) === '') {
            return $this->text;
        }
        $paragraphs = preg_split('/\R+/u', trim($this->text)) ?: [];

        return implode(
            '',
            array_map(
                fn(string $paragraph): string => '<p>' .
                    htmlspecialchars($paragraph, ENT_QUOTES | ENT_HTML5, 'UTF-8') .
                    '</p>',
                $paragraphs,
            ),
        );
    }
}
