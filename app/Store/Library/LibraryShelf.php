<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Models\LibraryView;
use App\Models\ShotListRecord;
use App\Models\SizeRunRecord;
use App\Store\Words\SenderWord;
use App\Store\Words\SenderWords;
use Core\Checks\AxisColors;
use Core\Matrix\Axis;
use Core\Matrix\Value;
use Core\Text\Name;
use Illuminate\Database\Eloquent\Collection;

/** What the library holds, for the screens that show it. */
final class LibraryShelf
{
    public function __construct(private readonly SenderWords $senderWords) {}

    /** @return Collection<int, LibraryAxis> by name, with their values and runs */
    public function axes(): Collection
    {
        return LibraryAxis::with(['values', 'runs'])
            ->orderBy('name')
            ->get();
    }

    /** An axis as it stands now. */
    public function axis(int $axisId): LibraryAxis
    {
        return LibraryAxis::query()->findOrFail($axisId);
    }

    /** The colors of an axis of the library, without pictures. */
    public function colors(int $axisId): AxisColors
    {
        $axis = LibraryAxis::with('values')->findOrFail($axisId);
        $values = array_values($axis->values->all());
        $swatches = [];
        foreach ($values as $value) {
            $swatches[$value->id] = $value->look();
        }

        return new AxisColors(
            new Axis(
                $axis->id,
                $axis->name,
                $axis->kind,
                array_map(fn(LibraryValue $value): Value => new Value($value->id, $value->name, $value->code), $values),
                $axis->changes_picture,
                $axis->display,
            ),
            array_filter($swatches),
        );
    }

    /** The value that the library calls so on an axis, without regard to case; null where there is none. */
    public function valueCalled(string $axis, string $value): ?int
    {
        foreach ($this->axes() as $one) {
            foreach (Name::of($one->name)->is(Name::of($axis)) ? $one->values : [] as $own) {
                if (Name::of($own->name)->is(Name::of($value))) {
                    return $own->id;
                }
            }
        }

        return null;
    }

    /** @return list<string> */
    public function axisNames(): array
    {
        return array_values(LibraryAxis::query()->orderBy('name')->pluck('name')->all());
    }

    /**
     * @param  list<int>  $valueIds
     * @return array<int, string> by value id
     */
    public function valueNames(array $valueIds): array
    {
        return LibraryValue::query()->whereIn('id', $valueIds)->pluck('name', 'id')->all();
    }

    /** @return list<SenderWord> words that were taught to mean a view or nothing */
    public function taughtWords(): array
    {
        return $this->senderWords->ofNoValue();
    }

    /** @return list<SenderWord> what senders call a value */
    public function senderWords(int $valueId): array
    {
        return $this->senderWords->ofValue($valueId);
    }

    /** @return Collection<int, SizeRunRecord> with their axes and the values of these */
    public function runs(): Collection
    {
        return SizeRunRecord::with('axis.values')->orderBy('axis_id')->orderBy('name')->get();
    }

    /** @return Collection<int, SizeRunRecord> */
    public function runsOf(int $axisId): Collection
    {
        return SizeRunRecord::query()->where('axis_id', $axisId)->orderBy('name')->get();
    }

    /**
     * @param  list<int>  $axisIds
     * @return Collection<int, SizeRunRecord> those of all other axes, with these
     */
    public function runsBeside(array $axisIds): Collection
    {
        return SizeRunRecord::with('axis')->whereNotIn('axis_id', $axisIds)->orderBy('name')->get();
    }

    /** @return Collection<int, LibraryView> in order */
    public function views(): Collection
    {
        return LibraryView::query()->orderBy('position')->orderBy('id')->get();
    }

    /** @return Collection<int, ShotListRecord> by name */
    public function shotLists(): Collection
    {
        return ShotListRecord::query()->orderBy('name')->get();
    }
}
