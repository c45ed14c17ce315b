<?php

declare(strict_types=1);

namespace Core\Sheets;

/**
 * A cell's text so that no spreadsheet runs it as a formula: text that begins with = + - @ (or one of these in
 * full width) or a control character, or with an apostrophe before these, gets an apostrophe in front, which reading
 * takes off again. Numbers stay numbers.
 */
final class SafeCell
{
    private const RISKY = "/^'*[=+\\-@\\t\\r\\n\u{FF1D}\u{FF0B}\u{FF0D}\u{FF20}]/u";

    /** The text as a cell that no spreadsheet runs as a formula; read() gives it back unchanged. */
    public static function write(string $text): string
    {
        return preg_match(self::RISKY, $text) === 1 && ! is_numeric($text) ? "'".$text : $text;
    }

    /** The text that write() was given; a cell that was never written so stays as it is. */
    public static function read(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(self::RISKY, substr($cell, 1)) === 1 ? substr($cell, 1) : $cell;
    }
}
