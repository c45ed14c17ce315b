<?php

declare(strict_types=1);

namespace Core\Codes;

/** A place of a code pattern, and what it needs to know. */
final readonly class CodePart
{
    private const MOST_DIGITS = 9;

    /**
     * @param  int  $axisId  of the axis; 0 for other kinds
     * @param  string  $text  the fixed text, or the first number with its leading zeros: "001"
     */
    private function __construct(public CodePartKind $kind, public int $axisId = 0, public string $text = '') {}

    public static function product(): self
    {
        return new self(CodePartKind::Product);
    }

    public static function values(): self
    {
        return new self(CodePartKind::Values);
    }

    public static function axis(int $axisId): self
    {
        return new self(CodePartKind::Axis, $axisId);
    }

    /** @throws UnreadableCodePattern */
    public static function text(string $typed): self
    {
        $text = trim($typed);

        return preg_match('/^[A-Za-z0-9][A-Za-z0-9._\/-]{0,19}$/', $text) === 1
            ? new self(CodePartKind::Text, text: $text)
            : throw UnreadableCodePattern::noText($typed);
    }

    /**
     * @param  string  $typed  the first number, as long as all are to be: "001"; nothing for 1
     *
     * @throws UnreadableCodePattern
     */
    public static function number(string $typed): self
    {
        $first = trim($typed) === '' ? '1' : trim($typed);

        return preg_match('/^\d{1,' . self::MOST_DIGITS . '}$/', $first) === 1
            ? new self(CodePartKind::Number, text: $first)
            : throw UnreadableCodePattern::noNumber($typed, self::MOST_DIGITS);
    }

    /** A running number, as long as the first at least. */
    public function numbered(int $number): string
    {
        return str_pad((string) $number, strlen($this->text), '0', STR_PAD_LEFT);
    }

    /** @return array{kind: string, axis: int, text: string} */
    public function toArray(): array
    {
        return ['kind' => $this->kind->value, 'axis' => $this->axisId, 'text' => $this->text];
    }

    /** @param  array{kind: string, axis: int, text: string}  $part  as toArray() gives it */
    public static function fromArray(array $part): self
    {
        return new self(CodePartKind::from($part['kind']), $part['axis'], $part['text']);
    }
}
