<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Actions\Refused;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use Core\Codes\ValueCode;
use Core\Color\ColorNames;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;
use Core\Matrix\Name;
use Core\Matrix\Value;
use Core\Matrix\ValueReader;
use Core\Sizes\SizeOrder;
use Core\Sizes\SizeReader;

/** Holds typed axes against the library: which axis, which values, in which order. */
final class DraftReader
{
    private const LONGEST_AXIS = 60;

    private const LONGEST_VALUE = 80;

    /**
     * @param  list<DraftAxis>  $drafts
     * @param  Matrix  $own  the product's, whose labels are read too
     * @return list<ReadAxis>
     *
     * @throws Refused
     */
    public function read(array $drafts, Matrix $own): array
    {
        $library = $this->library($drafts);
        $read = [];
        foreach ($drafts as $at => $draft) {
            $folded = $this->axisName($draft)->folded;
            if (isset($read[$folded])) {
                throw new Refused("{$draft->name} stands twice. Put its values on one line.");
            }
            $read[$folded] = $this->readAxis($draft, $library[$folded] ?? null, -1 - $at, $own);
        }

        return array_values($read);
    }

    /**
     * The same, after what is new has been written to the library.
     *
     * @param  list<DraftAxis>  $drafts
     * @return list<ReadAxis>
     */
    public function readIntoLibrary(array $drafts, Matrix $own): array
    {
        foreach ($this->read($drafts, $own) as $axis) {
            $library = $axis->isNew() ? LibraryAxis::create([
                'name' => $axis->axis->name,
                'folded' => Name::of($axis->axis->name)->folded,
                'kind' => $axis->axis->kind,
                'changes_picture' => $axis->axis->changesPicture,
                'display' => $axis->axis->display,
            ]) : null;
            foreach ($axis->axis->values as $value) {
                if ($value->id < 0) {
                    LibraryValue::add($library->id ?? $axis->axis->id, $value, $axis->swatches[$value->id]);
                }
            }
        }

        return $this->read($drafts, $own);
    }

    private function axisName(DraftAxis $draft): Name
    {
        $name = Name::of($draft->name);
        if ($name->shown === '') {
            throw new Refused("Say what “{$draft->typed}” are: give the axis a name, such as Size.");
        }
        if (mb_strlen($name->shown) > self::LONGEST_AXIS) {
            throw new Refused('The name of an axis can have '.self::LONGEST_AXIS." characters; “{$name->shown}” has more.");
        }

        return $name;
    }

    /**
     * @param  list<DraftAxis>  $drafts
     * @return array<string, LibraryAxis> by folded name
     */
    private function library(array $drafts): array
    {
        $names = array_map(fn (DraftAxis $draft): string => Name::of($draft->name)->folded, $drafts);

        return LibraryAxis::with(['values', 'runs'])->whereIn('folded', $names)->get()->keyBy('folded')->all();
    }

    private function readAxis(DraftAxis $draft, ?LibraryAxis $library, int $newId, Matrix $own): ReadAxis
    {
        /** @var array<string, LibraryValue> $known */
        $known = $library === null ? [] : $library->values->keyBy('folded')->all();
        $labels = [];
        foreach ($own->axis($library->id ?? 0)->values ?? [] as $value) {
            $labels[$value->id] = $value->label;
        }
        foreach ($library->values ?? [] as $value) {
            $known[Name::of($labels[$value->id] ?? $value->name)->folded] = $value;
        }
        $names = array_map(fn (LibraryValue $value): string => $labels[$value->id] ?? $value->name, array_values($known));
        $kind = $library === null ? $this->kindOf($draft) : $library->kind;
        $typed = (new ValueReader())->read($draft->typed, $kind, $names, $this->synonyms($known));
        $order = $kind === AxisKind::Size && ! $draft->keepsOrder ? (new SizeOrder())->sort($typed->values, $library?->sizeRuns() ?? []) : $typed->values;

        $codes = array_fill_keys(array_map(fn (LibraryValue $value): string => $value->code, array_values($known)), true);
        $values = [];
        $swatches = [];
        foreach ($order as $at => $label) {
            $found = $known[Name::of($label)->folded] ?? null;
            if (mb_strlen($label) > self::LONGEST_VALUE) {
                throw new Refused("“{$label}” is too long: a value can have ".self::LONGEST_VALUE.' characters. Is a comma missing?');
            }
            $value = $found === null
                ? new Value(-1 - $at, $label, ValueCode::propose($label, $codes))
                : new Value($found->id, $labels[$found->id] ?? $found->name, $found->code);
            $codes[$value->code] = true;
            $values[] = $value;
            $swatches[$value->id] = $found === null ? ($kind === AxisKind::Color ? ColorNames::hex($label) : null) : $found->swatch;
        }

        return new ReadAxis($draft, new Axis(
            $library->id ?? $newId,
            $library->name ?? Name::of($draft->name)->shown,
            $kind,
            $values,
            $library->changes_picture ?? $draft->changesPicture ?? $kind !== AxisKind::Size,
            $library->display ?? AxisDisplay::usualFor($kind),
        ), $typed, $swatches, $this->unused($names, $typed->values, $kind), $library?->sizeRuns() ?? []);
    }

    /**
     * @param  array<string, LibraryValue>  $known
     * @return array<string, string> folded => the value's name
     */
    private function synonyms(array $known): array
    {
        $synonyms = [];
        foreach ($known as $value) {
            foreach ($value->synonyms as $word) {
                $synonyms[Name::of($word)->folded] = $value->name;
            }
        }

        return $synonyms;
    }

    /**
     * @param  list<string>  $library
     * @param  list<string>  $typed
     * @return list<string>
     */
    private function unused(array $library, array $typed, AxisKind $kind): array
    {
        $taken = array_map(fn (string $value): string => Name::of($value)->folded, $typed);
        $rest = array_values(array_filter($library, fn (string $value): bool => ! in_array(Name::of($value)->folded, $taken, true)));

        return $kind === AxisKind::Size ? (new SizeOrder())->sort($rest) : $rest;
    }

    /** What an axis new to the library is: by its name, else sizes where all its values read as sizes. */
    private function kindOf(DraftAxis $draft): AxisKind
    {
        $name = Name::of($draft->name)->folded;
        if (preg_match('/\b(colou?rs?|shade)\b/u', $name) === 1) {
            return AxisKind::Color;
        }
        $values = (new ValueReader())->read($draft->typed, AxisKind::Other)->values;
        $reader = new SizeReader();
        $allSizes = count($values) > 1 && array_filter($values, fn (string $value): bool => ! $reader->read($value)->isKnown()) === [];

        return $allSizes || preg_match('/\b(sizes?|length|waist)\b/u', $name) === 1 ? AxisKind::Size : AxisKind::Other;
    }
}
