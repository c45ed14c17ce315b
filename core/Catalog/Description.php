<?php

declare(strict_types=1);

namespace Core\Catalog;

/** A product's description: text, with its own pictures where they are named by their ids, as "[picture 12]". */
final readonly class Description
{
    private const PICTURE = '/\[picture (\d{1,18})\]/';

    public function __construct(private string $text)
    {
    }

    /** How a picture is named in a text. */
    public static function picture(int $placementId): string
    {
        return "[picture {$placementId}]";
    }

    /** @return list<string|int> texts, and ids of placements, in order; none empty */
    public function parts(): array
    {
        $parts = [];
        foreach (preg_split(self::PICTURE, $this->text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $at => $part) {
            if ($at % 2 === 1) {
                $parts[] = (int) $part;
            } elseif (trim($part) !== '') {
                $parts[] = trim($part);
            }
        }

        return $parts;
    }

    /** The text alone. */
    public function plain(): string
    {
        return implode("\n", array_filter($this->parts(), is_string(...)));
    }
}
