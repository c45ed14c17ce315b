<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Models\LibraryView;
use App\Models\ShotListRecord;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Coverage\Shot;
use Core\Gallery\Coverage\ShotList;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Product\LibraryRef;

/** The library's views and shot lists as core values, read once. */
final class ViewShelf
{
    private ?Views $views = null;

    /** @var ?array<int, ShotListRecord> by id */
    private ?array $records = null;

    /** @var array<int, ShotList> by id */
    private array $shotLists = [];

    public function views(): Views
    {
        return $this->views ??= new Views(
            array_values(
                LibraryView::query()
                    ->orderBy('position')
                    ->orderBy('id')
                    ->get()
                    ->map(fn(LibraryView $view): View => $view->toCore())
                    ->all(),
            ),
        );
    }

    /** The list of a product: that of its kind, and where it differs from it. */
    public function shotList(?int $id, string $own): ?ShotList
    {
        $record = $this->records()[$id ?? 0] ?? null;
        $list = $record === null ? null : ($this->shotLists[$record->id] ??= $record->toCore($this->views()));

        return $own === '[]' ? $list : $list?->differingIn($this->shots($own));
    }

    /** What a product refers to; of one that is not there any more the name is not known. */
    public function shotListRef(?int $id): ?LibraryRef
    {
        return $id === null ? null : new LibraryRef($id, $this->records()[$id]->name ?? '');
    }

    /** @return array<int, ShotListRecord> by id */
    private function records(): array
    {
        return $this->records ??= ShotListRecord::query()->get()->keyBy('id')->all();
    }

    /**
     * Single views in which a product differs from its list.
     *
     * @param  string  $own  as the product's row has it
     * @return list<Shot>
     */
    public function shots(string $own): array
    {
        $shots = [];
        foreach (json_decode($own, true, 4, JSON_THROW_ON_ERROR) as [$key, $need, $reason]) {
            $view = $this->views()->find($key);
            if ($view !== null) {
                $shots[] = new Shot($view, Need::from($need), $reason);
            }
        }

        return $shots;
    }

    /** @param  list<Shot>  $shots */
    public static function encode(array $shots): string
    {
        return json_encode(
            array_map(fn(Shot $shot): array => [$shot->view->key, $shot->need->value, $shot->reason], $shots),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }

    /** After the library has changed. */
    public function forget(): void
    {
        $this->views = $this->records = null;
        $this->shotLists = [];
    }
}
