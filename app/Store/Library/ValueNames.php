<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Models\LibraryView;
use Core\Gallery\View;
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
     * @param  array<string, Translations>  $views  by the view's key
     * @param  list<string>  $tags  the languages there are translations in
     */
    private function __construct(
        public string $tag,
        private array $axes,
        private array $values,
        private array $views,
        public array $tags,
    ) {}

    /** @param  string  $tag  the language wanted; the nearest that there is, else none, is the one shown */
    public static function of(Matrix $matrix, string $tag): self
    {
        $axes = LibraryAxis::query()
            ->whereIn('id', $matrix->axisIds())
            ->get()
            ->keyBy('id')
            ->map(fn(LibraryAxis $axis): Translations => Translations::of($axis->translations))
            ->all();
        $values = LibraryValue::query()
            ->whereIn('axis_id', $matrix->axisIds())
            ->where('translations', '<>', '{}')
            ->get()
            ->keyBy('id')
            ->filter(fn(LibraryValue $value): bool => $matrix->axisOf($value->id) !== null)
            ->map(fn(LibraryValue $value): Translations => Translations::of($value->translations))
            ->all();
        $views = LibraryView::query()
            ->where('translations', '<>', '{}')
            ->get()
            ->keyBy('key')
            ->map(fn(LibraryView $view): Translations => Translations::of($view->translations))
            ->all();
        $tags = [];
        foreach ([...$axes, ...$values] as $translations) {
            $tags += $translations->byTag;
        }
        ksort($tags);

        return new self(Translations::nearest($tag, array_keys($tags)), $axes, $values, $views, array_keys($tags));
    }

    public function view(?View $view): ?string
    {
        return ($this->views[$view->key ?? ''] ?? null)?->in($this->tag);
    }

    /** The matrix with everything called as in this language. */
    public function matrix(Matrix $matrix): Matrix
    {
        foreach ($matrix->axes as $axis) {
            $values = array_map(
                fn(Value $value): Value => new Value($value->id, $this->value($value), $value->code),
                $axis->values,
            );
            $matrix = $matrix->withAxis(
                new Axis(
                    $axis->id,
                    $this->axis($axis),
                    $axis->kind,
                    $values,
                    $axis->changesPicture,
                    $axis->display,
                    $axis->sleeping,
                ),
            );
        }

        return $matrix;
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
