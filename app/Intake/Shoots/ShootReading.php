<?php

declare(strict_types=1);

namespace App\Intake\Shoots;

use App\Intake\DropReading;
use App\Intake\LinkingState;
use App\Intake\ReadDrop;
use App\Intake\ReadFile;
use App\Media\Looks\PhotoLooks;
use App\Media\Marks\MarksOfPhotos;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Product;
use App\Store\Library\ViewShelf;
use App\Store\Words\ShopWords;
use Core\Gallery\View;
use Core\Matching\Drop\DropFileStatus;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\MeaningKind;
use Core\Matching\Shoots\Plan\PlannedGroup;
use Core\Matching\Shoots\Plan\PlannedSeries;
use Core\Matching\Shoots\Plan\ShootPlan;
use Core\Matching\Shoots\ShootReader;
use Core\Matching\Shoots\ShotGroup;
use Core\Matching\Shoots\ShotLook;
use Core\Matching\Shoots\ShotPicture;
use Core\Matching\Shoots\ShotSeries;
use Core\Matching\Shoots\ShotValues;
use Core\Matching\Shoots\ShotViews;
use Core\Matching\Shoots\TakenPicture;
use Core\Matrix\Combination;
use Illuminate\Support\Facades\DB;

/** Reads the pictures of a drop that have no telling names as a shoot: as a person has laid it out, else as it seems. */
final class ShootReading
{
    /** Pictures that are read at once; a day in a studio has fewer. */
    private const MOST = 600;

    /** Linked pictures of a product that are looked at for its views. */
    private const MOST_LINKED = 80;

    private const CHUNK = 1_000;

    public function __construct(
        private readonly DropReading $reading,
        private readonly ShopWords $words,
        private readonly ViewShelf $shelf,
        private readonly SenderOrders $orders,
        private readonly KeptPlans $kept,
    ) {}

    public function of(Drop $drop): Shoot
    {
        $plan = $this->kept->of($drop->id);

        return $plan === null ? $this->proposed($drop) : $this->asKept($drop, $plan);
    }

    /** A series of another product: its groups and views are told anew. */
    public function ofProduct(Drop $drop, PlannedSeries $series, KnownProduct $product): PlannedSeries
    {
        $files = DropFile::query()->whereKey($series->files())->get()->keyBy('id')->all();
        $looks = PhotoLooks::shots(self::photoIds($files));
        $lookOf = fn(int $file): ?ShotLook => $looks[$files[$file]->photo_id ?? 0] ?? null;
        $seen = array_map(
            fn(PlannedGroup $group): array => array_values(array_filter(array_map($lookOf, $group->files()))),
            $series->groups,
        );
        $byPlace = array_fill(0, count($series->views), []);
        foreach ($series->groups as $group) {
            foreach ($group->cells as $place => $own) {
                array_push($byPlace[$place], ...array_filter(array_map($lookOf, $own)));
            }
        }
        $forms = array_map(fn(array $own): ShotLook => $own === [] ? ShotLook::none() : ShotLook::mean($own), $byPlace);

        return $series
            ->ofProduct($product->id)
            ->withParts(ShotValues::of($product, $seen))
            ->withViews($this->views($drop, $product, $forms));
    }

    public function product(int $id): ?KnownProduct
    {
        return $this->words->of([], null, '', [$id])->product($id);
    }

    /** @return ?int id of the product with this code, else of the one with this name */
    public function named(string $typed): ?int
    {
        foreach (['code', 'name'] as $column) {
            $ids = Product::query()->standing()->where($column, $typed)->limit(2)->pluck('id')->all();
            if (count($ids) === 1) {
                return $ids[0];
            }
        }

        return null;
    }

    private function proposed(Drop $drop): Shoot
    {
        $read = $this->reading->of($drop);
        $all = ShootMembers::of($read);
        $members = array_slice($all, 0, self::MOST, true);
        $files = array_map(fn(ReadFile $one): DropFile => $one->file, $members);
        $photoIds = self::photoIds($files);
        $looks = PhotoLooks::shots($photoIds);
        $marks = MarksOfPhotos::of($photoIds);
        $pictures = array_map(
            fn(DropFile $file): ShotPicture => new ShotPicture(
                new TakenPicture(
                    $file->file,
                    $file->folder,
                    $marks[$file->photo_id]->camera ?? '',
                    $marks[$file->photo_id]->takenAt ?? null,
                    $file->changed_ms,
                ),
                $looks[$file->photo_id] ?? null,
            ),
            $files,
        );
        $series = array_map(
            fn(ShotSeries $one): PlannedSeries => $this->planned($read, $one, $members, $pictures),
            $pictures === [] ? [] : ShootReader::read($pictures),
        );

        return $this->shoot($drop, new ShootPlan($series), $files, false, count($all) - count($members));
    }

    private function asKept(Drop $drop, ShootPlan $plan): Shoot
    {
        $files = [];
        foreach (array_chunk([...$plan->files(), ...$plan->leftOut], self::CHUNK) as $chunk) {
            $rows = LinkingState::files()
                ->where('drop_files.drop_id', $drop->id)
                ->where('drop_files.state', DropFileState::Stored->value)
                ->whereIn('drop_files.id', $chunk)
                ->selectRaw('drop_files.id, ' . LinkingState::COLUMNS)
                ->get();
            $open = [];
            foreach ($rows as $row) {
                $linking = LinkingState::of($row);
                if (!$linking->isStanding() && !$linking->isUnderway()) {
                    $open[] = (int) $row->id;
                }
            }
            $files += DropFile::query()->whereKey($open)->get()->keyBy('id')->all();
        }

        return $this->shoot($drop, $plan, $files, true);
    }

    /** @param  array<int, DropFile>  $files  by id */
    private function shoot(Drop $drop, ShootPlan $plan, array $files, bool $isMoved, int $beyond = 0): Shoot
    {
        $products = [];
        $ids = array_filter(array_map(fn(PlannedSeries $one): ?int => $one->productId, $plan->series));
        $lexicon = $this->words->of([], null, '', array_values(array_unique($ids)));
        foreach ($ids as $id) {
            $product = $lexicon->product($id);
            if ($product !== null) {
                $products[$id] = $product;
            }
        }

        return new Shoot($drop, $plan, $files, $products, $this->shelf->views(), $isMoved, $beyond);
    }

    /**
     * @param  array<int, ReadFile>  $members  by file id
     * @param  array<int, ShotPicture>  $pictures  by file id
     */
    private function planned(ReadDrop $read, ShotSeries $series, array $members, array $pictures): PlannedSeries
    {
        $groups = array_map(function (ShotGroup $group) use ($series): PlannedGroup {
            $cells = [];
            foreach ($group->keys as $file) {
                $cells[$series->placeOf[$file]][] = (int) $file;
            }
            ksort($cells);

            return new PlannedGroup(Combination::of([]), $cells);
        }, $series->groups);
        $planned = new PlannedSeries(null, array_map(fn(): ?string => null, $series->forms), $groups);
        $product = $this->productOf($read, array_intersect_key($members, array_flip($planned->files())));
        if ($product === null) {
            return $planned;
        }
        $seen = $said = [];
        foreach ($groups as $at => $group) {
            $own = array_map(fn(int $file): ReadFile => $members[$file], $group->files());
            $said[$at] = self::said($product, $own);
            $seen[] = array_values(
                array_filter(array_map(fn(int $file): ?ShotLook => $pictures[$file]->look, $group->files())),
            );
        }

        return $planned
            ->ofProduct($product->id)
            ->withParts(ShotValues::of($product, $seen, $said))
            ->withViews($this->views($read->drop, $product, $series->forms));
    }

    /**
     * The product that most are read to be of; else the one that all of the drop are.
     *
     * @param  array<int, ReadFile>  $files
     */
    private function productOf(ReadDrop $read, array $files): ?KnownProduct
    {
        foreach ([$files, $read->files] as $among) {
            $times = $products = [];
            foreach ($among as $one) {
                if ($one->product !== null) {
                    $products[$one->product->id] = $one->product;
                    $times[$one->product->id] = ($times[$one->product->id] ?? 0) + 1;
                }
            }
            arsort($times);
            $id = array_key_first($times);
            if ($id !== null && ($among === $files || count($times) === 1)) {
                return $products[$id];
            }
        }

        return null;
    }

    /**
     * What at least half of a group's names say, such as that of their folder.
     *
     * @param  list<ReadFile>  $files
     */
    private static function said(KnownProduct $product, array $files): Combination
    {
        $times = [];
        foreach ($files as $one) {
            foreach (self::valuesOf($product, $one) as $axisId => $valueId) {
                $times[$axisId][$valueId] = ($times[$axisId][$valueId] ?? 0) + 1;
            }
        }
        $part = Combination::of([]);
        foreach ($times as $axisId => $byValue) {
            arsort($byValue);
            if (2 * reset($byValue) >= count($files)) {
                $part = $part->with($axisId, array_key_first($byValue));
            }
        }

        return $part;
    }

    /** @return array<int, int> axis id => value id: what is surely read of it, else what its words say */
    private static function valuesOf(KnownProduct $product, ReadFile $file): array
    {
        $values = [];
        if ($file->status === DropFileStatus::Sure) {
            foreach ($file->verdict?->reach?->toArrays()[0] ?? [] as $axisId => $valueIds) {
                if (count($valueIds) === 1) {
                    $values[$axisId] = $valueIds[0];
                }
            }
        } else {
            foreach ($file->verdict?->reading->meanings(MeaningKind::Value) ?? [] as [, $meaning]) {
                $values[(int) $meaning->axisId] = (int) $meaning->valueId;
            }
        }

        return array_filter(
            $values,
            fn(int $valueId): bool => $product->matrix->axisOf($valueId)?->changesPicture === true,
        );
    }

    /**
     * @param  list<ShotLook>  $forms
     * @return list<?string> keys of views by place
     */
    private function views(Drop $drop, KnownProduct $product, array $forms): array
    {
        return array_map(
            fn(?View $view): ?string => $view?->key,
            ShotViews::of(
                $forms,
                $this->linked($product->id),
                $this->orders->of($drop->sender, count($forms)),
                array_values(array_filter($product->views, fn(View $view): bool => !$view->showing->isOfAll())),
            ),
        );
    }

    /** @return list<array{View, ShotLook}> pictures of a product that are linked and say their view */
    private function linked(int $productId): array
    {
        $views = DB::table('placements')
            ->where('product_id', $productId)
            ->whereNotNull('view')
            ->where('reach', '<>', '[]')
            ->orderByDesc('id')
            ->limit(self::MOST_LINKED)
            ->pluck('view', 'photo_id');
        $linked = [];
        foreach (PhotoLooks::shots(array_map(intval(...), array_keys($views->all()))) as $photoId => $look) {
            $view = $this->shelf->views()->find($views[$photoId]);
            if ($view !== null) {
                $linked[] = [$view, $look];
            }
        }

        return $linked;
    }

    /**
     * @param  array<int, DropFile>  $files
     * @return list<int>
     */
    private static function photoIds(array $files): array
    {
        return array_values(array_unique(array_map(fn(DropFile $file): int => (int) $file->photo_id, $files)));
    }
}
