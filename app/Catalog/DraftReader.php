<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Ledger\Ledger;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use Core\Codes\ValueCode;
use Core\Color\ColorNames;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\KnownValues;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixTooLarge;
use Core\Matrix\TypedValue;
use Core\Matrix\TypedValues;
use Core\Matrix\Value;
use Core\Matrix\ValueReader;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sizes\SizeOrder;
use Core\Sizes\SizeReader;
use Core\Text\Name;
use Core\Text\NearWords;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Holds axes as a person has them in a form against the library: which axis, which values, in which order. */
final class DraftReader
{
    private const LONGEST_AXIS = 60;

    private const LONGEST_VALUE = 80;

    public function __construct(private readonly LibraryRows $library)
    {
    }

    /**
     * @param  list<DraftAxis>  $drafts
     * @param  ?LoadedProduct  $own  the product, whose labels are read before the library's names
     * @return list<ReadAxis>
     *
     * @throws Refusal
     */
    public function read(array $drafts, ?LoadedProduct $own = null): array
    {
        $library = LibraryAxis::with(['values', 'runs'])
            ->whereIn('folded', array_map(fn (DraftAxis $draft): string => Name::of($draft->name)->folded, $drafts))
            ->orWhere(fn (Builder $own) => $own->whereIn('id', array_filter(array_map(fn (DraftAxis $draft): ?int => $draft->axisId, $drafts))))->get();
        $read = [];
        foreach ($drafts as $at => $draft) {
            $axis = $this->axis($draft, $library);
            $identity = $axis === null ? Name::of($draft->name)->folded : $axis->id;
            if (isset($read[$identity])) {
                throw new Refusal(
                    ($axis->name ?? $draft->name).' stands twice. Put its values on one line.',
                    RefusalKind::Impossible,
                    'axes',
                );
            }
            $read[$identity] = $this->readAxis($draft, $axis, -1 - $at, $own);
        }

        return array_values($read);
    }

    /**
     * The same, after what is new has been written to the library.
     *
     * @param  list<DraftAxis>  $drafts
     * @return list<ReadAxis>
     *
     * @throws MatrixTooLarge before anything is written
     */
    public function readIntoLibrary(Ledger $ledger, array $drafts, ?LoadedProduct $own = null): array
    {
        $read = $this->read($drafts, $own);
        Matrix::of(array_map(fn (ReadAxis $axis): Axis => $axis->axis, $read));
        $this->library->addMissing($ledger, $read);

        return $this->read($drafts, $own);
    }

    /** @param  Collection<int, LibraryAxis>  $library */
    private function axis(DraftAxis $draft, Collection $library): ?LibraryAxis
    {
        if ($draft->axisId !== null) {
            return $library->firstWhere('id', $draft->axisId) ?? throw new Refusal(
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
                'The name of an axis can have '.self::LONGEST_AXIS." characters; “{$name->shown}” has more.",
                RefusalKind::Unreadable,
                'axes',
            );
        }

        return $library->firstWhere('folded', $name->folded);
    }

    private function readAxis(DraftAxis $draft, ?LibraryAxis $library, int $newId, ?LoadedProduct $own): ReadAxis
    {
        $kind = $library === null ? $this->kindOf($draft) : $library->kind;
        $values = $library === null ? [] : array_column($library->values->all(), null, 'id');
        $labels = $this->labels($values, $own, $library->id ?? 0);
        $known = $this->known($values, $labels, $own, $library->id ?? 0, $kind);
        $typed = $this->typed($draft, $kind, $known, $labels);
        $codes = array_fill_keys(array_map(fn (LibraryValue $value): string => $value->code, $values), true);
        $read = [];
        $swatches = [];
        foreach ($this->inOrder($typed->values, $draft, $kind, $library?->sizeRuns() ?? []) as $at => $one) {
            $value = $one->id === null
                ? new Value(-1 - $at, $this->bounded($one->label), ValueCode::propose($one->label, $codes))
                : new Value($one->id, $one->label, $values[$one->id]->code);
            $codes[$value->code] = true;
            $read[] = $value;
            $swatches[$value->id] = $one->id === null ? ($kind === AxisKind::Color ? ColorNames::swatch(Name::of($one->label)->folded) : null) : $own?->swatches->of($one->id) ?? $values[$one->id]->look();
        }
        $this->refuseTwins($library->name ?? $draft->name, $read, $own?->matrix->axis($library->id ?? 0));

        return new ReadAxis($draft, new Axis(
            $library->id ?? $newId,
            $library->name ?? Name::of($draft->name)->shown,
            $kind,
            $read,
            ($own?->matrix->axis($library->id ?? 0) ?? $own?->matrix->sleeping[$library->id ?? 0] ?? null)->changesPicture
                ?? $library->changes_picture ?? $draft->changesPicture ?? $kind !== AxisKind::Size,
            $own?->matrix->axis($library->id ?? 0)->display ?? $library->display ?? AxisDisplay::usualFor($kind),
        ), $typed, $swatches, $this->unused($values, $labels, $read, $kind), $library?->sizeRuns() ?? [], $library === null ? $this->nearAxis($draft) : null);
    }

    /**
     * What the values of an axis are called on the product.
     *
     * @param  array<int, LibraryValue>  $values
     * @return array<int, string> by value id
     */
    private function labels(array $values, ?LoadedProduct $own, int $axisId): array
    {
        $asleep = $own?->state()->details->sleepingLabels ?? [];
        $labels = array_map(
            fn (LibraryValue $value): string => $asleep[$value->id] ?? $value->name,
            $values,
        );
        foreach ($own?->matrix->axis($axisId)->values ?? [] as $value) {
            $labels[$value->id] = $value->label;
        }

        return $labels;
    }

    /**
     * A name is looked up among the product's own labels, those that sleep after the others, then among the
     * library's names, then among their other words and translations.
     *
     * @param  array<int, LibraryValue>  $values
     * @param  array<int, string>  $labels
     */
    private function known(array $values, array $labels, ?LoadedProduct $own, int $axisId, AxisKind $kind): KnownValues
    {
        $named = fn (array $texts): array => array_map(fn (int $id, string $text): array => [$id, $text], array_keys($texts), $texts);
        $awake = array_column($own?->matrix->axis($axisId)->values ?? [], 'label', 'id');
        $asleep = array_intersect_key($own?->state()->details->sleepingLabels ?? [], $values);
        $words = [];
        foreach ($values as $value) {
            array_push($words, ...$value->otherWords());
        }

        return new KnownValues($labels, [...$named($awake), ...$named($asleep), ...$named(array_map(fn (LibraryValue $value): string => $value->name, $values))], $words, $kind);
    }

    /** @param  array<int, string>  $labels */
    private function typed(DraftAxis $draft, AxisKind $kind, KnownValues $known, array $labels): TypedValues
    {
        $reader = new ValueReader();
        $read = new TypedValues([], [], [], []);
        foreach ($draft->values as $value) {
            $read = $read->and($value->id === null
                ? $reader->readParts([$value->label], $kind, $known, $read->values)
                : new TypedValues(
                    [
                        new TypedValue(
                            $labels[$value->id] ?? throw new Refusal(
                                'A value is no longer in the library. Open the axes again.',
                                RefusalKind::Gone,
                                'axes',
                            ),
                            $value->id,
                        ),
                    ],
                    [],
                    [],
                    [],
                ));
        }

        return $read->and($reader->read($draft->typed, $kind, $known, $read->values));
    }

    /**
     * @param  list<TypedValue>  $values
     * @param  list<\Core\Sizes\SizeRun>  $runs
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
        $labels = array_map(fn (TypedValue $value): string => $value->label, $values);

        return array_map(function (string $label) use (&$byLabel): TypedValue {
            return array_shift($byLabel[$label]) ?? new TypedValue($label, null);
        }, (new SizeOrder())->sort($labels, $runs));
    }

    private function bounded(string $label): string
    {
        if (Name::of($label)->isLongerThan(self::LONGEST_VALUE)) {
            throw new Refusal(
                '“'.mb_strimwidth(
                    $label,
                    0,
                    self::LONGEST_VALUE,
                    '…',
                ).'” is too long: a value can have '.self::LONGEST_VALUE.' characters. Is a comma missing?',
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
            if ($other !== null && ! ($own?->has($value->id) === true && $own->has($other))) {
                throw new Refusal(
                    "{$axis} would have two values called {$value->label}. Give the one that is there another name first, or leave the other out.",
                    RefusalKind::Taken,
                    'axes',
                );
            }
            $seen[$folded] = $value->id;
        }
    }

    /**
     * @param  array<int, LibraryValue>  $values
     * @param  array<int, string>  $labels
     * @param  list<Value>  $read
     * @return list<Value> of the library, not in use here
     */
    private function unused(array $values, array $labels, array $read, AxisKind $kind): array
    {
        $taken = array_fill_keys(array_map(fn (Value $value): int => $value->id, $read), true);
        $rest = array_map(fn (LibraryValue $value): Value => new Value($value->id, $labels[$value->id], $value->code), array_values(array_diff_key($values, $taken)));
        if ($kind === AxisKind::Size) {
            $places = array_flip((new SizeOrder())->sort(array_map(fn (Value $value): string => $value->label, $rest)));
            usort($rest, fn (Value $a, Value $b): int => $places[$a->label] <=> $places[$b->label]);
        }

        return $rest;
    }

    /** An axis of the library that is called nearly so: "Colour" beside "Color". */
    private function nearAxis(DraftAxis $draft): ?LibraryAxis
    {
        $typed = Name::of($draft->name);
        $near = new NearWords();
        $byName = [];
        foreach (LibraryAxis::query()->get() as $axis) {
            $name = Name::of($axis->name);
            if ($name->bare() !== '' && $name->bare() === $typed->bare()) {
                return $axis;
            }
            $near->add($name->folded);
            $byName[$name->folded] = $axis;
        }

        return $byName[$near->near($typed->folded) ?? ''] ?? null;
    }

    /** What an axis new to the library is: by its name, else sizes where all its values read as sizes. */
    private function kindOf(DraftAxis $draft): AxisKind
    {
        $name = Name::of($draft->name)->folded;
        if (preg_match('/\b(colou?rs?|shade)\b/u', $name) === 1) {
            return AxisKind::Color;
        }
        $values = [...array_map(fn (DraftValue $value): string => $value->label, $draft->values), ...(new ValueReader())->read($draft->typed, AxisKind::Other)->labels()];
        $reader = new SizeReader();
        $allSizes = count($values) > 1 && array_filter($values, fn (string $value): bool => ! $reader->read($value)->isKnown()) === [];

        return $allSizes || preg_match('/\b(sizes?|length|waist)\b/u', $name) === 1 ? AxisKind::Size : AxisKind::Other;
    }
}
