<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Models\LibraryAxis;
use Core\Codes\CodePart;
use Core\Codes\CodePartKind;
use Core\Codes\CodePattern;
use Core\Codes\LetterCase;
use Core\Refusal;
use Core\RefusalKind;

/** A code pattern as its form says it. */
final class CodePatternForm
{
    /**
     * @param  list<string>  $kinds  of each place: "product", "values", "axis 3", "number", "text", or nothing
     * @param  list<string>  $texts  of each place: the fixed text, or the first number
     *
     * @throws Refusal
     */
    public static function read(
        array $kinds,
        array $texts,
        string $separator,
        string $letters,
        string $longest,
    ): CodePattern {
        $axes = LibraryAxis::query()->pluck('id')->all();
        $parts = [];
        foreach ($kinds as $at => $kind) {
            $text = $texts[$at] ?? '';
            $axisId = str_starts_with($kind, 'axis ') ? (int) substr($kind, 5) : 0;
            $part = match (true) {
                $kind === '' => null,
                $kind === CodePartKind::Product->value => CodePart::product(),
                $kind === CodePartKind::Values->value => CodePart::values(),
                $kind === CodePartKind::Number->value => CodePart::number($text),
                $kind === CodePartKind::Text->value => CodePart::text($text),
                in_array($axisId, $axes, true) => CodePart::axis($axisId),
                default => throw new Refusal(
                    'A part of the pattern is not known any more. Choose it again.',
                    RefusalKind::Gone,
                    "kinds.{$at}",
                ),
            };
            if ($part !== null) {
                $parts[] = $part;
            }
        }

        return CodePattern::of($parts, $separator, LetterCase::tryFrom($letters) ?? LetterCase::AsIs, $longest);
    }
}
