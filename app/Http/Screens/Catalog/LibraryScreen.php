<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\History\Timeline;
use App\Models\Library;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Models\LibraryView;
use App\Models\ShotListRecord;
use App\Models\SizeRunRecord;
use App\Store\Library\LibraryShelf;
use App\Store\Library\Usage;
use App\Store\Words\SenderWord;
use Core\Checks\SwatchChecks;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Coverage\Shot;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matrix\Value;
use Core\Sizes\SizeOrder;
use Core\Sizes\SizeRun;
use Illuminate\Database\Eloquent\Collection;

/** The library as its pages show it. */
final readonly class LibraryScreen
{
    public Library $library;

    public function __construct(private Usage $usage, private LibraryShelf $shelf, Timeline $timeline)
    {
        $this->library = $timeline->library();
    }

    /** @return Collection<int, LibraryAxis> with their values and runs */
    public function axes(): Collection
    {
        return $this->shelf->axes();
    }

    /** @return array<int, int> axis id => products that use it */
    public function productsByAxis(): array
    {
        return $this->usage->countsByAxis();
    }

    /** @return array<int, int> value id => products that use it */
    public function productsByValue(LibraryAxis $axis): array
    {
        return $this->usage->countsByValue($axis->id);
    }

    /** @return list<string> values that lack what shoppers are to see of them */
    public function lacking(LibraryAxis $axis): array
    {
        return array_map(
            fn(Value $value): string => $value->label,
            SwatchChecks::lacking($this->shelf->colors($axis->id)),
        );
    }

    public function usedBy(LibraryAxis $axis): string
    {
        return Usage::inWords($this->usage->ofAxis($axis->id));
    }

    public function valueUsedBy(LibraryValue $value): string
    {
        return Usage::inWords($this->usage->ofValue($value->id));
    }

    /** @return Collection<int, SizeRunRecord> */
    public function runs(): Collection
    {
        return $this->shelf->runs();
    }

    /** @return Collection<int, LibraryView> in order */
    public function views(): Collection
    {
        return $this->shelf->views();
    }

    /** @return list<SenderWord> words that were taught to mean a view or nothing */
    public function taughtWords(): array
    {
        return $this->shelf->taughtWords();
    }

    /** @return Collection<int, ShotListRecord> */
    public function shotLists(): Collection
    {
        return $this->shelf->shotLists();
    }

    /** @return array<int, int> shot list id => products that have it */
    public function productsByShotList(): array
    {
        return $this->usage->countsByShotList();
    }

    /** @return array<string, int> view's key => pictures that show it */
    public function picturesByView(): array
    {
        return $this->usage->countsByView();
    }

    /** "Potting smock, Rain cape and 12 more"; empty where no product has it. */
    public function shotListUsedBy(ShotListRecord $list): string
    {
        return Usage::inWords($this->usage->everOfShotList($list->id));
    }

    /**
     * All views as a list's dialog shows them: its own in their order, then the others.
     *
     * @return list<array{View, ?Need}>
     */
    public function shotsOf(?ShotListRecord $list): array
    {
        $views = new Views(array_values($this->views()->map(fn(LibraryView $view): View => $view->toCore())->all()));
        $own = $list?->toCore($views);
        $shots = array_map(fn(Shot $shot): array => [$shot->view, $shot->need], array_values($own->shots ?? []));
        foreach ($views->all as $view) {
            if ($own?->need($view) === null) {
                $shots[] = [$view, null];
            }
        }

        return $shots;
    }

    public function run(SizeRunRecord $record): SizeRun
    {
        $names = $record->axis->values->pluck('name', 'id');

        return new SizeRun(
            $record->name,
            array_values(array_filter(array_map(fn(int $id): ?string => $names[$id] ?? null, $record->value_ids))),
        );
    }

    /** What is unusual about the order of a run; empty where it is the one people expect. */
    public function orderRemark(SizeRun $run): string
    {
        $usual = (new SizeOrder())->sort($run->sizes);

        return $usual === $run->sizes ? '' : 'An order of its own; usual would be ' . implode(', ', $usual) . '.';
    }
}
