<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Changes\Catalog;
use Core\Codes\ValueCode;
use Core\Color\Names\ColorNames;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Typed\KnownValues;
use Core\Matrix\Typed\TypedValue;
use Core\Matrix\Typed\TypedValues;
use Core\Matrix\Typed\ValueReader;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sizes\SizeOrder;
use Core\Sizes\SizeReader;
use Core\Sizes\SizeRun;
use Core\Text\Name;
use Core\Text\NearWords;

/** Holds axes as a person has them in a form against the library: which axis, which values, in which order. */
final readonly class DraftReader
{
    private const LONGEST_AXIS = 60;

    private const LONGEST_VALUE = 80;

    /** More than an axis can have values. */
    private const IDS_OF_AN_AXIS = 100_000;

    public function __construct(private Catalog $catalog) {}

    /**
     * @param  list<DraftAxis>  $drafts
     * @param  ?Product  $own  the product, whose labels are read before the library's names
     * @return list<ReadAxis>
     *
     * @throws Refusal where an axis has no name, stands twice, or is gone, or where a value cannot be read
     */
    public function read(array $drafts, ?Product $own = null): array
    {
        $library = $this->catalog->axes(
            array_map(fn(DraftAxis $draft): string => Name::of($draft->name)->folded, $drafts),
            array_values(array_filter(array_map(fn(DraftAxis $draft): ?int => $draft->axisId, $drafts))),
        );
        $read = [];
        foreach ($drafts as $at => $draft) {
            $axis = $this->axis($draft, $library);
            $identity = $axis === null ? Name::of($draft->name)->folded : $axis->id;
            if (isset($read[$identity])) {
                throw new Refusal(
                    ($axis->name ?? $draft->name) . ' stands twice. Put its values on one line.',
                    RefusalKind::Impossible,
                    'axes',
                );
            }
            $read[$identity] = $this->readAxis($draft, $axis, -1 - $at, $own);
        }

        return array_values($read);
    }

    /** @param  list<SharedAxis>  $library */
    private function axis(DraftAxis $draft, array $library): ?SharedAxis
    {
        if ($draft->axisId !== null) {
            return array_column($library, null, 'id')[$draft->axisId] ??
                throw new Refusal(
                    'An axis is no longer in the library. Open the axes again.',
                    RefusalKind::Gone,
                    'axes',
                );
        }
        $name = Name::of($draft->name);
        if ($name->isEmpty()) {
            throw new Refusal(
                "Say what “{$draft->typed}” are: give the axis a name, such as Size.",
                RefusalKind::Missing,
                'axes',
            );
        }
        if ($name->isLongerThan(self::LONGEST_AXIS)) {
            throw new Refusal(
                'The name of an axis can have ' . self::LONGEST_AXIS . " characters; “{$name->shown}” has more.",
                RefusalKind::Unreadable,
                'axes',
            );
        }

        return array_column($library, null, 'folded')[$name->folded] ?? null;
    }

    private function readAxis(DraftAxis $draft, ?SharedAxis $library, int $newId, ?Product $own): ReadAxis
    {
        $kind = $library === null ? $this->kindOf($draft) : $library->kind;
        $labels = $this->labels($library, $own);
        $typed = $this->typed($draft, $kind, $this->known($library, $labels, $own, $kind), $labels);
        $runs = $library->runs ?? [];
        $values = $this->values($this->inOrder($typed->values, $draft, $kind, $runs), $library, $newId);
        $known = $library === null ? null : $own?->matrix->axis($library->id);
        $this->refuseTwins($library->name ?? $draft->name, $values, $known);
        $asleep = $library === null ? null : $own?->matrix->sleeping[$library->id] ?? null;
        $axis = new Axis(
            $library->id ?? $newId,
            $library->name ?? Name::of($draft->name)->shown,
            $kind,
            $values,
            ($known ?? $asleep)->changesPicture ??
                ($library->changesPicture ?? ($draft->changesPicture ?? $kind !== AxisKind::Size)),
            $known->display ?? ($library->display ?? AxisDisplay::usualFor($kind)),
        );

        return new ReadAxis(
            $draft,
            $axis,
            $typed,
            $this->swatches($axis, $library, $own),
            $this->unused($library, $labels, $axis),
            $runs,
            $library === null ? $this->nearAxis($draft) : null,
        );
    }

    /**
     * Those that the library does not have yet get ids below zero, of which no two axes have the same, and a code.
     *
     * @param  list<TypedValue>  $typed
     * @return list<Value>
     */
    private function values(array $typed, ?SharedAxis $library, int $newAxisId): array
    {
        $codes = array_fill_keys(array_column($library->values ?? [], 'code'), true);
        $values = [];
        foreach ($typed as $at => $one) {
            $value =
                $one->id === null
                    ? new Value(
                        $newAxisId * self::IDS_OF_AN_AXIS - $at,
                        $this->bounded($one->label),
                        ValueCode::propose($one->label, $codes),
                    )
                    : new Value($one->id, $one->label, $library->values[$one->id]->code ?? '');
            $codes[$value->code] = true;
            $values[] = $value;
        }

        return $values;
    }

    /** @return array<int, ?Swatch> by value id: the product's own, else the library's, else what its name says */
    private function swatches(Axis $axis, ?SharedAxis $library, ?Product $own): array
    {
        $swatches = [];
        foreach ($axis->values as $value) {
            $swatches[$value->id] = match (true) {
                $value->id > 0 => $own?->library->swatches->of($value->id) ??
                    ($library->values[$value->id]->swatch ?? null),
                $axis->kind === AxisKind::Color => ColorNames::swatch(Name::of($value->label)->folded),
                default => null,
            };
        }

        return $swatches;
    }

    /**
     * What the values of an axis are called on the product.
     *
     * @return array<int, string> by value id
     */
    private function labels(?SharedAxis $library, ?Product $own): array
    {
        if ($library === null) {
            return [];
        }
        $asleep = $own?->state->details->sleepingLabels ?? [];
        $labels = array_map(fn(SharedValue $value): string => $asleep[$value->id] ?? $value->name, $library->values);
        foreach ($own?->matrix->axis($library->id)->values ?? [] as $value) {
            $labels[$value->id] = $value->label;
        }

        return $labels;
    }

    /**
     * A name is looked up among the product's own labels, those that sleep after the others, then among the
     * library's names, then among their other words and translations.
     *
     * @param  array<int, string>  $labels
     */
    private function known(?SharedAxis $library, array $labels, ?Product $own, AxisKind $kind): KnownValues
    {
        $values = $library->values ?? [];
        $awake = $library === null ? [] : array_column($own?->matrix->axis($library->id)->values ?? [], 'label', 'id');
        $asleep = array_intersect_key($own?->state->details->sleepingLabels ?? [], $values);
        $names = array_map(fn(SharedValue $value): string => $value->name, $values);
        $words = [];
        foreach ($values as $value) {
            foreach ($value->words as $word) {
                $words[] = [$value->id, $word];
            }
        }

        return new KnownValues(
            $labels,
            [...$this->pairs($awake), ...$this->pairs($asleep), ...$this->pairs($names)],
            $words,
            $kind,
        );
    }

    /**
     * @param  array<int, string>  $texts
     * @return list<array{int, string}>
     */
    private function pairs(array $texts): array
    {
        return array_map(fn(int $id, string $text): array => [$id, $text], array_keys($texts), $texts);
    }

    /** @param  array<int, string>  $labels */
    private function typed(DraftAxis $draft, AxisKind $kind, KnownValues $known, array $labels): TypedValues
    {
        $reader = new ValueReader();
        $read = new TypedValues([], [], [], []);
        foreach ($draft->values as $value) {
            $read = $read->and(
                $value->id === null
                    ? $reader->readParts([$value->label], $kind, $known, $read->values)
                    : new TypedValues([$this->standing($value->id, $labels)], [], [], []),
            );
        }

        return $read->and($reader->read($draft->typed, $kind, $known, $read->values));
    }

    /** @param  array<int, string>  $labels */
    private function standing(int $valueId, array $labels): TypedValue
    {
        $label =
            $labels[$valueId] ??
            throw new Refusal('A value is no longer in the library. Open the axes again.', RefusalKind::Gone, 'axes');

        return new TypedValue($label, $valueId);
    }

    /**
     * @param  list<TypedValue>  $values
     * @param  list<SizeRun>  $runs
     * @return list<TypedValue>
     */
    private function inOrder(array $values, DraftAxis $draft, AxisKind $kind, array $runs): array
    {
        if ($kind !== AxisKind::Size || $draft->keepsOrder) {
            return $values;
        }
        $byLabel = [];
        foreach ($values as $value) {
            $byLabel[$value->label][] = $value;
        }
        $labels = array_map(fn(TypedValue $value): string => $value->label, $values);

        return array_map(function (string $label) use (&$byLabel): TypedValue {
            return array_shift($byLabel[$label]) ?? new TypedValue($label, null);
        }, (new SizeOrder())->sort($labels, $runs));
    }

    private function bounded(string $label): string
    {
        if (Name::of($label)->isLongerThan(self::LONGEST_VALUE)) {
            throw new Refusal(
                '“' .
                    mb_strimwidth($label, 0, self::LONGEST_VALUE, '…') .
                    '” is too long: a value can have ' .
                    self::LONGEST_VALUE .
                    ' characters. Is a comma missing?',
                RefusalKind::Unreadable,
                'axes',
            );
        }

        return $label;
    }

    /** @param  list<Value>  $values */
    private function refuseTwins(string $axis, array $values, ?Axis $own): void
    {
        $seen = [];
        foreach ($values as $value) {
            $folded = Name::of($value->label)->folded;
            $other = $seen[$folded] ?? null;
            if ($other !== null && !($own?->has($value->id) === true && $own->has($other))) {
                throw new Refusal(
                    "{$axis} would have two values called {$value->label}. Give the one that is there another name" .
                        ' first, or leave the other out.',
                    RefusalKind::Taken,
                    'axes',
                );
            }
            $seen[$folded] = $value->id;
        }
    }

    /**
     * @param  array<int, string>  $labels  by value id
     * @return list<Value> of the library, not in use here
     */
    private function unused(?SharedAxis $library, array $labels, Axis $axis): array
    {
        $left = array_diff_key($library->values ?? [], array_flip($axis->valueIds()));
        $rest = array_values(
            array_map(fn(SharedValue $value): Value => new Value($value->id, $labels[$value->id], $value->code), $left),
        );

        return $axis->kind === AxisKind::Size ? SizesInOrder::of($rest) : $rest;
    }

    /** The name of an axis of the library that is called nearly so: "Colour" beside "Color". */
    private function nearAxis(DraftAxis $draft): ?string
    {
        $typed = Name::of($draft->name);
        $near = new NearWords();
        $byFolded = [];
        foreach ($this->catalog->axisNames() as $known) {
            $name = Name::of($known);
            if ($name->bare() !== '' && $name->bare() === $typed->bare()) {
                return $known;
            }
            $near->add($name->folded);
            $byFolded[$name->folded] = $known;
        }

        return $byFolded[$near->near($typed->folded) ?? ''] ?? null;
    }

    /** What an axis new to the library is: by its name, else sizes where all its values read as sizes. */
    private function kindOf(DraftAxis $draft): AxisKind
    {
        $name = Name::of($draft->name)->folded;
        if (preg_match('/\b(colou?rs?|shade)\b/u', $name) === 1) {
            return AxisKind::Color;
        }
        $typed = (new ValueReader())->read($draft->typed, AxisKind::Other)->labels();
        $values = [...array_column($draft->values, 'label'), ...$typed];
        $sizes = new SizeReader();
        $isOther = fn(string $value): bool => !$sizes->read($value)->isKnown();
        $areSizes = count($values) > 1 && array_filter($values, $isOther) === [];

        return $areSizes || preg_match('/\b(sizes?|length|waist)\b/u', $name) === 1 ? AxisKind::Size : AxisKind::Other;
    }
}
