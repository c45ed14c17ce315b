<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Store\Clauses;
use App\Store\PlacementRow;
use Core\Gallery\View;
use Core\Reach\Reach;
use Core\Reach\Simplifier;

/** Pictures that come into a product, behind those it has, each under a name that no other picture of it has. */
final class NewPictures
{
    private const LONGEST_NAME = 180;

    /** @var list<array<string, mixed>> rows of placements, in order */
    public array $rows = [];

    /** @var array<int, string> photo id => the name it has here */
    private array $here = [];

    /** @var array<string, true> names in lower case */
    private array $names = [];

    private int $position = 0;

    public function __construct(LoadedProduct $loaded)
    {
        foreach ($loaded->placements as $row) {
            $this->here[$row->photoId] = $row->file();
            $this->names[mb_strtolower($row->file())] = true;
            $this->position = max($this->position, $row->position);
        }
    }

    /** The name that a photo has in the product; null where it is not there. */
    public function name(int $photoId): ?string
    {
        return $this->here[$photoId] ?? null;
    }

    /** @return string the name it gets: its own, or one with a number where another picture has its own */
    public function add(int $photoId, string $file, Reach $reach, ?View $view): string
    {
        $free = $this->freeName($file);
        $this->names[mb_strtolower($free)] = true;
        $this->here[$photoId] = $free;
        $this->rows[] = [
            'photo_id' => $photoId,
            'file_name' => $free,
            'position' => ++$this->position,
            'reach' => Clauses::encode($reach),
            'hidden' => '[]',
            'view' => $view?->key,
            'roles' => '[]',
        ];

        return $free;
    }

    /** @return array<string, int|string> columns of a placement whose file another takes the place of */
    public function inPlaceOf(PlacementRow $old, int $photoId, string $file): array
    {
        return ['photo_id' => $photoId, 'file_name' => mb_strtolower($old->file()) === mb_strtolower($file) ? $file : $this->freeName($file)];
    }

    private function freeName(string $name): string
    {
        $ending = pathinfo($name, PATHINFO_EXTENSION);
        $stem = mb_substr($ending === '' ? $name : mb_substr($name, 0, -mb_strlen($ending) - 1), 0, self::LONGEST_NAME);
        for ($number = 1; ; $number++) {
            $free = $stem.($number === 1 ? '' : " ({$number})").($ending === '' ? '' : '.'.$ending);
            if (! isset($this->names[mb_strtolower($free)])) {
                return $free;
            }
        }
    }

    /**
     * A picture that is there already is linked there as well, and is hidden there no more.
     *
     * @return array<string, string> columns of its placement
     */
    public static function linkedTo(LoadedProduct $loaded, PlacementRow $row, Reach $reach): array
    {
        return [
            'reach' => Clauses::encode((new Simplifier())->simplify($row->reach()->union($reach), $loaded->matrix)),
            'hidden' => Clauses::encode($row->placement->hidden->subtract($reach, $loaded->matrix)),
        ];
    }
}
