<?php

declare(strict_types=1);

namespace Core\Sheets;

/**
 * A cell's text so that no spreadsheet runs it, or a part of it, as a formula: text that begins with = + - @ (or one of
 * these in full width) or a control character, or with an apostrophe before these, gets an apostrophe in front, which
 * reading takes off again. The same holds behind a semicolon and a tab: a spreadsheet that parts cells there, and not
 * at commas, would begin a cell of its own. Numbers stay numbers.
 */
final class SafeCell
{
    private const RISKY = "'*[=+\\-@\\t\\r\\n\u{FF1D}\u{FF0B}\u{FF0D}\u{FF20}]";

    /** Where a cell begins: at its beginning, and wherever another separator would part it. */
    private const BEGINNING = '(^|[;\t])';

    /** The text as a cell that no spreadsheet runs as a formula; read() gives it back unchanged. */
    public static function write(string $text): string
    {
        return is_numeric($text)
            ? $text
            : preg_replace('/' . self::BEGINNING . '(?=' . self::RISKY . ')/uD', "$1'", $text) ?? $text;
    }

    /** The text that write() was given; a cell that was never written so stays as it is. */
    public static function read(string $cell): string
    {
        return preg_replace('/' . self::BEGINNING . "'(?=" . self::RISKY . ')/uD', '$1', $cell) ?? $cell;
    }
}
