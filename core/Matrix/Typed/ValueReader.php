<?php

declare(strict_types=1);

namespace Core\Matrix\Typed;

use Core\Matrix\AxisKind;
use Core\Sizes\SizeReader;
use Core\Text\Name;
use Core\Text\NearWords;

/** Reads values typed or pasted in one go, and holds them against those that are known. */
final class ValueReader
{
    /** Between two digits a comma is a decimal sign before one of these, where commas do not separate the values. */
    private const DECIMAL_COMMA = '/(?<=\d),(?=(?:5|25|75|33|66|67)(?!\d))|(?<![\d,])0,(?=\d)|(?<=\d),(?=\d+\s?(?:ml|cl|dl|l|g|kg|mm|cm|m)\b)/iu';

    public function __construct(private readonly SizeReader $sizes = new SizeReader()) {}

    /**
     * Splits at commas, vertical bars, semicolons, tabs and new lines, and reads the parts.
     *
     * @param  list<TypedValue>  $before  those that stand there already
     */
    public function read(string $typed, AxisKind $kind, ?KnownValues $known = null, array $before = []): TypedValues
    {
        return $this->readParts($this->split($typed), $kind, $known, $before);
    }

    /**
     * A name that is known takes the spelling it is known by, and so does another word for a value; what is only
     * close to one is offered, never replaced.
     *
     * @param  list<string>  $parts  names as typed; a comma in one belongs to it
     * @param  list<TypedValue>  $before  those that stand there already
     */
    public function readParts(array $parts, AxisKind $kind, ?KnownValues $known = null, array $before = []): TypedValues
    {
        $known ??= new KnownValues([], [], [], $kind);
        $seen = [];
        $new = new NearWords();
        $bare = [];
        foreach ($before as $value) {
            $seen[$this->identity($value->label, $kind)] = $value;
            if ($value->id === null) {
                $new->add(Name::of($value->label)->folded);
                $bare[Name::of($value->label)->bare()] = $this->identity($value->label, $kind);
            }
        }
        $values = [];
        $doubles = [];
        $near = [];
        $otherWords = [];
        foreach ($parts as $part) {
            $name = Name::of($part);
            if ($name->isEmpty()) {
                continue;
            }
            $id = $known->named($name) ?? $known->meant($name);
            $value = new TypedValue($id === null ? $name->shown : $known->label($id), $id);
            $identity = $this->identity($value->label, $kind);
            if (isset($seen[$identity])) {
                $doubles[] = new RepeatedValue($name->shown, $seen[$identity]->label);

                continue;
            }
            $seen[$identity] = $value;
            $values[] = $value;
            if ($id !== null && $known->named($name) === null) {
                $otherWords[] = new OtherWord($name->shown, $value->label);
            }
            $close = $id === null ? $known->near($name) : null;
            $typed =
                $close !== null || $id !== null || $kind === AxisKind::Size
                    ? null
                    : $bare[$name->bare()] ?? $new->near($name->folded);
            if ($close !== null) {
                $near[] = new NearMiss($name->shown, $known->label($close), $close);
            } elseif ($typed !== null && isset($seen[$typed])) {
                $near[] = new NearMiss($name->shown, $seen[$typed]->label);
            }
            $new->add($name->folded);
            $bare[$name->bare()] = $identity;
        }

        return new TypedValues($values, $doubles, $near, $otherWords);
    }

    /** @return list<string> */
    private function split(string $typed): array
    {
        $bare = trim($typed);
        $others = preg_match('/[|;\t\r\n]|,\s|\s,/u', $bare) === 1;
        if ($others || substr_count($bare, ',') === 1) {
            $typed = (string) preg_replace_callback(
                self::DECIMAL_COMMA,
                fn(array $found): string => str_replace(',', "\u{FFFC}", $found[0]),
                $typed,
            );
        }

        return array_map(
            fn(string $part): string => str_replace("\u{FFFC}", ',', $part),
            preg_split('/[,|;\t\r\n]+/u', $typed) ?: [],
        );
    }

    /**
     * What makes two typed values the same: the folded name with nothing around signs, and for sizes what the size
     * means (2XL is XXL).
     */
    private function identity(string $label, AxisKind $kind): string
    {
        if ($kind === AxisKind::Size) {
            return $this->sizes->read($label)->identity();
        }

        return (string) preg_replace('~\s*([/&+–-])\s*~u', '$1', Name::of($label)->folded);
    }
}
