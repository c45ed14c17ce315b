<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\History\Timeline;
use App\Http\Screens\Few;
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
use Core\Gallery\Coverage\Shot;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;
use Core\Sizes\SizeGuide;
use Core\Sizes\SizeOrder;
use Core\Sizes\SizeRun;
use Illuminate\Database\Eloquent\Collection;

/** The library as its pages show it. */
final readonly class LibraryScreen
{
    /** Values of an axis that the list of axes names. */
    private const MOST_VALUES = 14;

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

    /** @return array<int, Few<string>> axis id => the first of its values */
    public function valuesByAxis(): array
    {
        return $this->axes()
            ->mapWithKeys(
                fn(LibraryAxis $axis): array => [
                    $axis->id => Few::of($axis->values->pluck('name')->all(), self::MOST_VALUES),
                ],
            )
            ->all();
    }

    /** @return Collection<int, LibraryAxis> those of sizes first */
    public function axesForRuns(): Collection
    {
        return $this->axes()->sortByDesc(fn(LibraryAxis $axis): bool => $axis->kind === AxisKind::Size);
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

    public function lacking(LibraryAxis $axis): LackingValues
    {
        return new LackingValues($axis, array_column(SwatchChecks::lacking($this->shelf->colors($axis->id)), 'label'));
    }

    public function usedBy(LibraryAxis $axis): string
    {
        return Usage::inWords($this->usage->ofAxis($axis->id));
    }

    public function valueUsedBy(LibraryValue $value): string
    {
        return Usage::inWords($this->usage->ofValue($value->id));
    }

    /** @return list<DrawnRun> */
    public function drawnRuns(): array
    {
        return array_values(
            $this->shelf
                ->runs()
                ->map(function (SizeRunRecord $record): DrawnRun {
                    $run = $this->run($record);

                    return new DrawnRun($record, $run, $this->orderRemark($run), SizeGuide::of($run));
                })
                ->all(),
        );
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
     * @return list<ListedView>
     */
    public function shotsOf(?ShotListRecord $list): array
    {
        $views = new Views(array_values($this->views()->map(fn(LibraryView $view): View => $view->toCore())->all()));
        $own = $list?->toCore($views);
        $shots = array_map(
            fn(Shot $shot): ListedView => new ListedView($shot->view, $shot->need),
            array_values($own->shots ?? []),
        );
        foreach ($views->all as $view) {
            if ($own?->need($view) === null) {
                $shots[] = new ListedView($view, null);
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
    private function orderRemark(SizeRun $run): string
    {
        $usual = (new SizeOrder())->sort($run->sizes);

        return $usual === $run->sizes
            ? ''
            : __('catalog.an_order_of_its_own_usual', ['usual' => implode(', ', $usual)]);
    }
}
