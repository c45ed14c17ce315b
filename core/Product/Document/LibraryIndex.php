<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Product\LibraryRef;
use Core\Text\Name;

/** What a library has, by ids and by names: with it a product is written for another catalog, and read in this one. */
final readonly class LibraryIndex
{
    /** @var array<int, IndexedAxis> by id */
    private array $axes;

    /** @var array<string, IndexedAxis> by folded name */
    private array $byName;

    /** @var array<int, string> photo id => checksum */
    private array $photos;

    /** @var array<string, int> checksum => photo id */
    private array $bySum;

    /**
     * @param  list<IndexedAxis>  $axes
     * @param  list<LibraryRef>  $shotLists
     * @param  list<LibraryRef>  $codePatterns
     * @param  array<int, string>  $photos  photo id => SHA-256 of its bytes, in hexadecimal
     */
    public function __construct(
        array $axes,
        public Views $views,
        public array $shotLists = [],
        public array $codePatterns = [],
        array $photos = [],
    ) {
        $this->axes = array_column($axes, null, 'id');
        $this->byName = array_combine(
            array_map(fn(IndexedAxis $axis): string => Name::of($axis->name)->folded, $axes),
            $axes,
        );
        $this->photos = $photos;
        $this->bySum = array_flip($photos);
    }

    /** The same with what another library has beside it; of what both have this one's is the one. */
    public function with(self $other): self
    {
        $axes = $this->axes;
        foreach ($other->axes as $axis) {
            $own = $this->axisNamed($axis->name);
            if ($own === null) {
                $axes[$axis->id] = $axis;

                continue;
            }
            foreach ($axis->values as $value) {
                $axes[$own->id] =
                    $axes[$own->id]->named($value->label) === null ? $axes[$own->id]->with($value) : $axes[$own->id];
            }
        }
        $views = array_filter($other->views->all, fn(View $view): bool => $this->views->find($view->key) === null);

        return new self(
            array_values($axes),
            $views === [] ? $this->views : new Views([...$this->views->all, ...array_values($views)]),
            self::together($this->shotLists, $other->shotLists),
            self::together($this->codePatterns, $other->codePatterns),
            $this->photos + array_diff_key($other->photos, array_intersect($other->photos, $this->photos)),
        );
    }

    /**
     * @param  list<LibraryRef>  $own
     * @param  list<LibraryRef>  $others
     * @return list<LibraryRef>
     */
    private static function together(array $own, array $others): array
    {
        return [
            ...$own,
            ...array_values(array_filter($others, fn(LibraryRef $ref): bool => self::named($own, $ref->name) === null)),
        ];
    }

    public function axis(int $id): ?IndexedAxis
    {
        return $this->axes[$id] ?? null;
    }

    /** @return list<IndexedAxis> */
    public function axes(): array
    {
        return array_values($this->axes);
    }

    /** The axis of that name, without regard to case. */
    public function axisNamed(string $name): ?IndexedAxis
    {
        return $this->byName[Name::of($name)->folded] ?? null;
    }

    /** @return ?string the checksum of a stored picture; null where it is not known here */
    public function checksum(int $photoId): ?string
    {
        return $this->photos[$photoId] ?? null;
    }

    /** @return ?int the stored picture of that checksum; null where there is none */
    public function photo(string $checksum): ?int
    {
        return $this->bySum[$checksum] ?? null;
    }

    /** @param  list<LibraryRef>  $refs */
    public static function named(array $refs, string $name): ?LibraryRef
    {
        foreach ($refs as $ref) {
            if (Name::of($ref->name)->is(Name::of($name))) {
                return $ref;
            }
        }

        return null;
    }
}
