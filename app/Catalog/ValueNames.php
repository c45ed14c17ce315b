<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Text\Translations;

/** What a product's axes and values are called in one language; where there is no translation, as they are. */
final readonly class ValueNames
{
    /**
     * @param  array<int, Translations>  $axes  by axis id
     * @param  array<int, Translations>  $values  by value id
     * @param  list<string>  $tags  the languages there are translations in
     */
    private function __construct(
        public string $tag,
        private array $axes,
        private array $values,
        public array $tags,
    ) {
    }

    /** @param  string  $tag  the language wanted; the nearest that there is, else none, is the one shown */
    public static function of(Matrix $matrix, string $tag): self
    {
        $axes = LibraryAxis::query()->whereIn('id', $matrix->axisIds())->get()->keyBy('id')->map(fn (LibraryAxis $axis): Translations => Translations::of($axis->translations))->all();
        $values = LibraryValue::query()->whereIn('axis_id', $matrix->axisIds())->where('translations', '<>', '{}')->get()->keyBy('id')
            ->filter(fn (LibraryValue $value): bool => $matrix->axisOf($value->id) !== null)->map(fn (LibraryValue $value): Translations => Translations::of($value->translations))->all();
        $tags = [];
        foreach ([...$axes, ...$values] as $translations) {
            $tags += $translations->byTag;
        }
        ksort($tags);

        return new self(Translations::nearest($tag, array_keys($tags)), $axes, $values, array_keys($tags));
    }

    public function axis(Axis $axis): string
    {
        return ($this->axes[$axis->id] ?? null)?->in($this->tag) ?? $axis->name;
    }

    public function value(Value $value): string
    {
        return ($this->values[$value->id] ?? null)?->in($this->tag) ?? $value->label;
    }
}
