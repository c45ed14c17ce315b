<?php

declare(strict_types=1);

namespace Core\Product\Document;

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
