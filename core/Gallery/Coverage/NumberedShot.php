<?php

declare(strict_types=1);

namespace Core\Gallery\Coverage;

use Core\Gallery\Placement;
use Core\Gallery\View;

/** A picture of a gallery by what it shows there: the first front, the second detail. */
final readonly class NumberedShot
{
    private const NO_VIEW = 'none';

    public string $key;

    /** @param  int  $number  which of the pictures of its view it is, from 1 */
    public function __construct(public int $placementId, public ?View $view, public int $number)
    {
        $this->key = ($view->key ?? self::NO_VIEW) . " {$number}";
    }

    /**
     * @param  list<Placement>  $placements  in the order of a gallery
     * @return list<self> in the same order
     */
    public static function of(array $placements): array
    {
        $seen = $shots = [];
        foreach ($placements as $placement) {
            $view = $placement->view->key ?? '';
            $seen[$view] = ($seen[$view] ?? 0) + 1;
            $shots[] = new self($placement->id, $placement->view, $seen[$view]);
        }

        return $shots;
    }

    /** "front", "detail 2", "picture without a view" */
    public function inWords(): string
    {
        $name = $this->view->name ?? 'picture without a view';

        return $this->number === 1 ? $name : "{$name} {$this->number}";
    }
}
