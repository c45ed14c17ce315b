<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Store\Clauses;
use App\Store\PlacementRow;
use App\Store\ViewShelf;
use Core\Gallery\Entry;
use Core\Gallery\Galleries;
use Core\Gallery\Placement;
use Core\Gallery\View;
use Core\Reach\Reach;
use Core\Reach\TypedSelection;
use Core\Reach\UnknownValue;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** What is to become of one picture in many products: in the part that somebody typed, such as "Moss" or "whole product". */
final readonly class BulkPicture
{
    /**
     * @param  string  $part  as typed; empty for the whole product
     * @param  ?View  $view  what it shows there; null for what each has
     * @param  ?int  $otherId  the photo that takes its place
     */
    public function __construct(
        public BulkPictureWay $way,
        public int $photoId,
        public string $file,
        public string $part,
        public ?View $view,
        public ?int $otherId,
        public string $otherFile,
    ) {
    }

    /** "Guide.jpg added to Moss", to be said of each product. */
    public function inWords(): string
    {
        $part = $this->part === '' ? 'the whole product' : $this->part;

        return match ($this->way) {
            BulkPictureWay::Add => "{$this->file} added to {$part}".($this->view === null ? '' : " as its {$this->view->name}"),
            BulkPictureWay::Set => "{$this->file} is the only ".($this->view->name ?? 'picture')." of {$part}",
            BulkPictureWay::Take => "{$this->file} taken from {$part}",
            BulkPictureWay::Replace => "{$this->file} replaced by {$this->otherFile}",
        };
    }

    /**
     * What it changes of a product.
     *
     * @param  array<string, string>  $synonyms  other words for values
     *
     * @throws Refusal where the product has no such part, or the picture cannot be meant
     */
    public function plan(LoadedProduct $loaded, array $synonyms): BulkPicturePlan
    {
        try {
            $part = $this->part === '' ? Reach::everything() : (new TypedSelection())->read($this->part, $loaded->matrix, $synonyms);
        } catch (UnknownValue) {
            throw new Refusal("{$loaded->product->name} has no “{$this->part}”.", RefusalKind::Missing, 'part');
        }
        $here = null;
        $isOtherHere = false;
        foreach ($loaded->placements as $row) {
            $here = $row->photoId === $this->photoId ? $row : $here;
            $isOtherHere = $isOtherHere || $row->photoId === $this->otherId;
        }
        if ($here === null && ($this->way === BulkPictureWay::Take || $this->way === BulkPictureWay::Replace)) {
            return new BulkPicturePlan([], null, $part);
        }
        if ($this->way === BulkPictureWay::Replace) {
            if ($isOtherHere || $this->otherId === null) {
                throw new Refusal($this->otherId === null ? 'Choose the picture that takes its place.' : "{$this->otherFile} is in {$loaded->product->name} already.", $this->otherId === null ? RefusalKind::Missing : RefusalKind::Impossible, 'other');
            }

            return new BulkPicturePlan([$here->id() => (new NewPictures($loaded))->inPlaceOf($here, $this->otherId, $this->otherFile)], null, $part);
        }
        $updates = [];
        if ($this->way === BulkPictureWay::Take) {
            return new BulkPicturePlan([$here->id() => ['reach' => Clauses::encode($here->reach()->subtract($part, $loaded->matrix))]], null, $part);
        }
        if ($this->way === BulkPictureWay::Set) {
            $view = $this->view ?? throw new Refusal('Say which view it is to be the only one of.', RefusalKind::Missing, 'view');
            foreach ($loaded->placements as $row) {
                if ($row->photoId !== $this->photoId && $row->placement->view?->is($view) === true) {
                    $updates[$row->id()] = ['reach' => Clauses::encode($row->reach()->subtract($part, $loaded->matrix))];
                }
            }
        }
        if ($here !== null) {
            $updates[$here->id()] = NewPictures::linkedTo($loaded, $here, $part) + ($this->view === null ? [] : ['view' => $this->view->key]);

            return new BulkPicturePlan($updates, null, $part);
        }
        $pictures = new NewPictures($loaded);
        $pictures->add($this->photoId, $this->file, $part, $this->view);

        return new BulkPicturePlan($updates, $pictures->rows[0], $part);
    }

    /** @return array{string, string} the files of the part before and after, in order */
    public function beforeAndAfter(LoadedProduct $loaded, BulkPicturePlan $plan, ViewShelf $shelf): array
    {
        $after = array_map(function (PlacementRow $row) use ($plan, $shelf): Placement {
            $columns = $plan->updates[$row->id()] ?? [];
            $old = $row->placement;

            return new Placement($old->id, (string) ($columns['file_name'] ?? $old->file), isset($columns['reach']) ? Clauses::decode((string) $columns['reach']) : $old->reach, isset($columns['hidden']) ? Clauses::decode((string) $columns['hidden']) : $old->hidden, $shelf->views()->find(isset($columns['view']) ? (string) $columns['view'] : $old->view?->key), $old->roles, $old->altText, $old->isStill, $old->crop);
        }, array_values($loaded->placements));
        if ($plan->added !== null) {
            $after[] = new Placement(-1, (string) $plan->added['file_name'], $plan->part, Reach::nothing(), $this->view);
        }

        return [$this->files($loaded, $loaded->corePlacements(), $plan->part), $this->files($loaded, $after, $plan->part)];
    }

    public function place(LoadedProduct $loaded, BulkPicturePlan $plan): string
    {
        return (new Wording())->whole($plan->part, $loaded->matrix);
    }

    /** @param  list<Placement>  $placements */
    private function files(LoadedProduct $loaded, array $placements, Reach $part): string
    {
        $galleries = new Galleries($loaded->matrix, $loaded->madeCells(), $placements);
        $shown = [];
        foreach ($loaded->skusIn($part) as $sku) {
            $shown += array_flip(array_map(fn (Entry $entry): int => $entry->placement->id, array_filter($galleries->of($sku->cell)->entries, fn (Entry $entry): bool => $this->view === null || $entry->placement->view?->is($this->view) === true)));
        }

        return implode(', ', array_map(fn (Placement $placement): string => $placement->file, array_filter($placements, fn (Placement $placement): bool => isset($shown[$placement->id]))));
    }
}
