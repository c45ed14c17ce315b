<?php

declare(strict_types=1);

namespace Core\Product;

/** What the pictures of a product are called: no two the same, without regard to case. */
final readonly class PictureNames
{
    /** Characters of a name without its ending. */
    private const LONGEST = 180;

    /**
     * @param  array<int, string>  $here  photo id => the name it has here
     * @param  array<string, true>  $names  in lower case
     */
    private function __construct(private array $here, private array $names) {}

    public static function of(ProductState $state): self
    {
        $here = array_column($state->pictures, 'file', 'photoId');

        return new self(
            $here,
            array_fill_keys(array_map(mb_strtolower(...), array_column($state->pictures, 'file')), true),
        );
    }

    /** The name that a photo has in the product; null where it is not there. */
    public function nameOf(int $photoId): ?string
    {
        return $this->here[$photoId] ?? null;
    }

    /** The same with a picture more. */
    public function with(int $photoId, string $file): self
    {
        return new self([$photoId => $file] + $this->here, [mb_strtolower($file) => true] + $this->names);
    }

    /** The name of a file that takes the place of another: it may have the name of that one. */
    public function inPlaceOf(string $old, string $file): string
    {
        return mb_strtolower($old) === mb_strtolower($file) ? $file : $this->free($file);
    }

    /** A name's own, or with a number where another picture has it. */
    public function free(string $name): string
    {
        $ending = pathinfo($name, PATHINFO_EXTENSION);
        $stem = mb_substr($ending === '' ? $name : mb_substr($name, 0, -mb_strlen($ending) - 1), 0, self::LONGEST);
        for ($number = 1; ; $number++) {
            $free = $stem . ($number === 1 ? '' : " ({$number})") . ($ending === '' ? '' : '.' . $ending);
            if (!isset($this->names[mb_strtolower($free)])) {
                return $free;
            }
        }
    }
}
