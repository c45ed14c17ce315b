<?php

declare(strict_types=1);

namespace Core\Matching\Drop;

use Core\Gallery\View;
use Core\Matrix\Matrix;
use Core\Reach\Reach;
use Core\Reach\Simplifier;

/** Finds what shows the same as a picture of a drop: in the drop, and in the product it is of. */
final class Duplicates
{
    /** So many of those that are like a picture are looked at, and shown. */
    private const MOST = 6;

    /** @var array<string, list<DropPicture>> product, part and view => open pictures that are read so */
    private array $claims = [];

    /** @var array<string, list<ProductPicture>> the same => pictures of the product */
    private array $taken = [];

    /** @var array<int, list<DropPicture>> photo id => open pictures of it */
    private array $byPhoto = [];

    /** @var array<int, array<int, ProductPicture>> product id => photo id => its picture */
    private array $ofProducts = [];

    /**
     * @param  iterable<DropPicture>  $open
     * @param  list<ProductPicture>  $pictures  of the products they are of
     * @param  array<int, list<int>>  $twins  photo id => photos that are nearly the same
     */
    public function __construct(iterable $open, array $pictures, private readonly array $twins)
    {
        $matrices = [];
        foreach ($open as $picture) {
            $this->byPhoto[$picture->photoId][] = $picture;
            $place = $this->place($picture);
            if ($place !== null && $picture->verdict?->place === null) {
                $this->claims[$place][] = $picture;
            }
            if ($picture->product !== null) {
                $matrices[$picture->product->id] = $picture->product->matrix;
            }
        }
        foreach ($pictures as $picture) {
            $this->ofProducts[$picture->productId][$picture->picture->photoId] = $picture;
            if ($picture->view !== null) {
                $matrix = $matrices[$picture->productId];
                $place = self::key($picture->productId, $picture->reach, $picture->view, $matrix);
                $this->taken[$place][] = $picture;
            }
        }
    }

    public function about(DropPicture $picture): Comparison
    {
        if ($this->isThere($picture)) {
            return new Comparison(DropFileStatus::There, []);
        }
        // Each is said once, by what it is most like in.
        $candidates = [];
        foreach ([...$this->nearly($picture), ...$this->ofPlace($picture)] as $other) {
            $candidates["{$other->fileId} {$other->placementId}"] ??= $other;
        }
        $isDouble = $candidates !== [] && $picture->isRead();

        return new Comparison($isDouble ? DropFileStatus::Double : $picture->status, array_values($candidates));
    }

    /** Whether the product shows this very picture wherever its name says. */
    private function isThere(DropPicture $picture): bool
    {
        $verdict = $picture->verdict;
        $own = $this->ofProducts[$picture->product->id ?? 0][$picture->photoId] ?? null;

        return $own !== null &&
            $picture->product !== null &&
            $verdict?->reach !== null &&
            $verdict->isSure() &&
            $verdict->reach->subtract($own->reach, $picture->product->matrix)->isNothing();
    }

    /**
     * Nearly the same pictures, unless the names surely say that they are of different things.
     *
     * @return list<DuplicateCandidate>
     */
    private function nearly(DropPicture $picture): array
    {
        $candidates = [];
        foreach (array_slice($this->byPhoto[$picture->photoId], 0, self::MOST) as $other) {
            if ($other->id !== $picture->id) {
                $candidates[] = $other->asCandidate(DuplicateKind::Same);
            }
        }
        foreach (array_slice($this->twins[$picture->photoId] ?? [], 0, self::MOST) as $photoId) {
            foreach (array_slice($this->byPhoto[$photoId] ?? [], 0, self::MOST) as $other) {
                $sureReach = $other->verdict?->isSure() === true ? $other->verdict->reach : null;
                if (!$this->areToldApart($picture, $other->product?->id, $sureReach, $other->verdict?->view)) {
                    $candidates[] = $other->asCandidate(DuplicateKind::Nearly);
                }
            }
            $own = $this->ofProducts[$picture->product->id ?? 0][$photoId] ?? null;
            if ($own !== null && !$this->areToldApart($picture, $own->productId, $own->reach, $own->view)) {
                $candidates[] = $own->picture->asNearly();
            }
        }

        return $candidates;
    }

    /** Whether a sure reading says another part or another view than the other has. */
    private function areToldApart(DropPicture $picture, ?int $productId, ?Reach $reach, ?View $view): bool
    {
        $verdict = $picture->verdict;
        $isOfSameProduct = $productId === $picture->product?->id;
        if ($verdict?->isSure() !== true || $verdict->reach === null || !$isOfSameProduct || $reach === null) {
            return false;
        }

        return $verdict->reach->cut($reach)->isNothing() ||
            ($verdict->view !== null && $view !== null && $verdict->view !== $view);
    }

    /**
     * Pictures of the same view of the same part; a name with a number of its own means one more of them.
     *
     * @return list<DuplicateCandidate>
     */
    private function ofPlace(DropPicture $picture): array
    {
        $place = $this->place($picture);
        if ($place === null || $picture->verdict?->place !== null || !$picture->isRead()) {
            return [];
        }
        $candidates = [];
        foreach ($this->taken[$place] ?? [] as $own) {
            if ($own->picture->photoId !== $picture->photoId) {
                $candidates[] = $own->picture;
            }
        }
        foreach (array_slice($this->claims[$place] ?? [], 0, self::MOST) as $other) {
            if ($other->id !== $picture->id && $other->photoId !== $picture->photoId) {
                $candidates[] = $other->asCandidate(DuplicateKind::Place);
            }
        }

        return $candidates;
    }

    private function place(DropPicture $picture): ?string
    {
        $product = $picture->product;
        $verdict = $picture->verdict;
        if ($product === null || $verdict?->reach === null || $verdict->view === null) {
            return null;
        }

        return self::key($product->id, $verdict->reach, $verdict->view, $product->matrix);
    }

    private static function key(int $productId, Reach $reach, View $view, Matrix $matrix): string
    {
        return "{$productId} {$view->key} " . (new Simplifier())->simplify($reach, $matrix)->key();
    }
}
