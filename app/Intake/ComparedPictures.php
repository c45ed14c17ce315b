<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\PhotoState;
use Core\Gallery\View;
use Core\Matrix\Matrix;
use Core\Reach\Reach;
use Core\Reach\Simplifier;

/** Finds what shows the same as a picture of a drop: in the drop, and in the product it is of. */
final class ComparedPictures
{
    /** So many of those that are like a picture are looked at, and shown. */
    private const MOST = 6;

    /** @var array<string, list<int>> product, part and view => open files that are read so */
    private array $claims = [];

    /** @var array<string, list<StandingPicture>> the same => pictures of the product */
    private array $taken = [];

    /** @var array<int, list<ReadFile>> photo id => open files of it */
    private array $byPhoto = [];

    /** @var array<int, array<int, StandingPicture>> product id => photo id => its picture */
    private array $standing = [];

    /**
     * @param  array<int, ReadFile>  $open  by id
     * @param  list<StandingPicture>  $pictures  of the products they are of
     * @param  array<int, list<int>>  $twins  photo id => photos that are nearly the same
     */
    public function __construct(private readonly array $open, array $pictures, private readonly array $twins)
    {
        $matrices = [];
        foreach ($open as $id => $one) {
            $this->byPhoto[(int) $one->file->photo_id][] = $one;
            $place = $this->place($one);
            if ($place !== null && $one->verdict?->place === null) {
                $this->claims[$place][] = $id;
            }
            if ($one->product !== null) {
                $matrices[$one->product->id] = $one->product->matrix;
            }
        }
        foreach ($pictures as $picture) {
            $this->standing[$picture->productId][$picture->picture->photoId] = $picture;
            if ($picture->view !== null) {
                $this->taken[self::key($picture->productId, $picture->reach, $picture->view, $matrices[$picture->productId])][] = $picture;
            }
        }
    }

    /** @return array{Standing, list<Alike>} how it stands, and what shows the same: that of the same place in the product first */
    public function about(ReadFile $one): array
    {
        $own = $this->standing[$one->product->id ?? 0][(int) $one->file->photo_id] ?? null;
        if ($own !== null && $one->verdict?->reach !== null && $one->verdict->isSure() && self::covers($own->reach, $one->verdict->reach, $one->product?->matrix)) {
            return [Standing::There, []];
        }
        // Each is said once, by what it is most like in.
        $alike = [];
        foreach ([...$this->nearly($one), ...$this->ofPlace($one)] as $other) {
            $alike["{$other->fileId} {$other->placementId}"] ??= $other;
        }
        $alike = array_values($alike);

        return [$alike !== [] && in_array($one->standing, [Standing::Sure, Standing::Likely], true) ? Standing::Double : $one->standing, $alike];
    }

    /** @return list<Alike> nearly the same pictures, unless the names surely say that they are of different things */
    private function nearly(ReadFile $one): array
    {
        $alike = [];
        foreach (array_slice($this->byPhoto[(int) $one->file->photo_id], 0, self::MOST) as $other) {
            if ($other !== $one) {
                $alike[] = self::ofFile($other, DuplicateKind::Same);
            }
        }
        foreach (array_slice($this->twins[(int) $one->file->photo_id] ?? [], 0, self::MOST) as $photoId) {
            foreach (array_slice($this->byPhoto[$photoId] ?? [], 0, self::MOST) as $other) {
                if (! $this->areTold($one, $other->product?->id, $other->verdict?->isSure() === true ? $other->verdict->reach : null, $other->verdict?->view)) {
                    $alike[] = self::ofFile($other, DuplicateKind::Nearly);
                }
            }
            $picture = $this->standing[$one->product->id ?? 0][$photoId] ?? null;
            if ($picture !== null && ! $this->areTold($one, $picture->productId, $picture->reach, $picture->view)) {
                $alike[] = $picture->picture->asNearly();
            }
        }

        return $alike;
    }

    /** Whether a sure reading says another part or another view than the other has. */
    private function areTold(ReadFile $one, ?int $productId, ?Reach $reach, ?View $view): bool
    {
        $verdict = $one->verdict;
        if ($verdict?->isSure() !== true || $verdict->reach === null || $productId !== $one->product?->id || $reach === null) {
            return false;
        }

        return $verdict->reach->cut($reach)->isNothing() || ($verdict->view !== null && $view !== null && $verdict->view !== $view);
    }

    /** @return list<Alike> pictures of the same view of the same part; a name with a number of its own means one more of them */
    private function ofPlace(ReadFile $one): array
    {
        $place = $this->place($one);
        if ($place === null || $one->verdict?->place !== null || ! in_array($one->standing, [Standing::Sure, Standing::Likely], true)) {
            return [];
        }
        $taken = array_filter($this->taken[$place] ?? [], fn (StandingPicture $picture): bool => $picture->picture->photoId !== $one->file->photo_id);
        $claims = array_filter(array_slice($this->claims[$place] ?? [], 0, self::MOST), fn (int $id): bool => $id !== $one->file->id && $this->open[$id]->file->photo_id !== $one->file->photo_id);

        return [
            ...array_values(array_map(fn (StandingPicture $picture): Alike => $picture->picture, $taken)),
            ...array_values(array_map(fn (int $id): Alike => self::ofFile($this->open[$id], DuplicateKind::Place), $claims)),
        ];
    }

    private function place(ReadFile $one): ?string
    {
        return $one->product === null || $one->verdict?->reach === null || $one->verdict->view === null ? null
            : self::key($one->product->id, $one->verdict->reach, $one->verdict->view, $one->product->matrix);
    }

    private static function key(int $productId, Reach $reach, View $view, Matrix $matrix): string
    {
        return "{$productId} {$view->key} ".(new Simplifier())->simplify($reach, $matrix)->key();
    }

    private static function covers(Reach $reach, Reach $part, ?Matrix $matrix): bool
    {
        return $matrix !== null && $part->subtract($reach, $matrix)->isNothing();
    }

    private static function ofFile(ReadFile $other, DuplicateKind $likeness): Alike
    {
        return new Alike($likeness, (int) $other->file->photo_id, $other->file->file, $other->photoState ?? PhotoState::Waiting, $other->width, $other->height, $other->file->bytes, $other->file->id);
    }
}
