<?php

declare(strict_types=1);

namespace App\Http\Screens;

use App\Catalog\LibraryShelf;
use App\Catalog\Usage;
use App\History\Timeline;
use App\Models\Library;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Models\SizeRunRecord;
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

    public function run(SizeRunRecord $record): SizeRun
    {
        $names = $record->axis->values->pluck('name', 'id');

        return new SizeRun($record->name, array_values(array_filter(array_map(fn (int $id): ?string => $names[$id] ?? null, $record->value_ids))));
    }

    /** What is unusual about the order of a run; empty where it is the one people expect. */
    public function orderRemark(SizeRun $run): string
    {
        $usual = (new SizeOrder())->sort($run->sizes);

        return $usual === $run->sizes ? '' : 'An order of its own; usual would be '.implode(', ', $usual).'.';
    }
}
