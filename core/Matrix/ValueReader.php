<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\Sizes\SizeReader;

/** Reads values typed or pasted in one go, and holds them against the library. */
final class ValueReader
{
    public function __construct(private readonly SizeReader $sizes = new SizeReader())
    {
    }

    /**
     * Splits at commas, vertical bars, semicolons, tabs and new lines. A value that is in the
     * library takes the library's spelling; one that is close to it is offered, never replaced.
     *
     * @param  list<string>  $library  the axis's value names
     * @param  array<string, string>  $synonyms  another word, folded => the value's name
     */
    public function read(string $typed, AxisKind $kind, array $library = [], array $synonyms = []): TypedValues
    {
        $known = [];
        $names = [];
        foreach ($library as $name) {
            $known[Name::of($name)->folded] = $name;
            $names[] = Name::of($name);
        }
        $values = [];
        $doubles = [];
        $near = [];
        foreach (preg_split('/[,|;\t\r\n]+/u', $typed) ?: [] as $part) {
            $name = Name::of($part);
            if ($name->shown === '') {
                continue;
            }
            $identity = $this->identity($name, $kind);
            if (isset($values[$identity])) {
                $doubles[] = new RepeatedValue($name->shown, $values[$identity]);

                continue;
            }
            $values[$identity] = $known[$name->folded] ?? $name->shown;
            $close = isset($known[$name->folded]) ? null : $synonyms[$name->folded] ?? $this->closest($name, $kind, $names);
            if ($close !== null) {
                $near[] = new NearMiss($name->shown, $close);
            }
        }

        return new TypedValues(array_values($values), $doubles, $near);
    }

    /** What makes two typed values the same: the folded name, and for sizes what the size means (2XL is XXL). */
    private function identity(Name $name, AxisKind $kind): string
    {
        if ($kind === AxisKind::Size) {
            return $this->sizes->read($name->shown)->identity();
        }

        return $name->folded;
    }

    /** @param  list<Name>  $library */
    private function closest(Name $name, AxisKind $kind, array $library): ?string
    {
        $bare = $name->bare();
        $identity = $kind === AxisKind::Size ? $this->sizes->read($name->shown)->identity() : '';
        foreach ($library as $other) {
            if (($bare !== '' && $other->bare() === $bare) || ($kind === AxisKind::Size && $this->sizes->read($other->shown)->identity() === $identity)) {
                return $other->shown;
            }
        }
        if ($kind === AxisKind::Size) {
            return null;
        }
        $length = mb_strlen($name->folded);
        foreach ($library as $other) {
            $otherLength = mb_strlen($other->folded);
            $isLong = min($otherLength, $length) >= 4 && abs($otherLength - $length) <= 1;
            if ($isLong && EditDistance::atMostOne($other->folded, $name->folded)) {
                return $other->shown;
            }
        }

        return null;
    }
}
