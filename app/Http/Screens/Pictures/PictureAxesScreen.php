<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Store\Products\LoadedProduct;
use Core\Gallery\Coverage\Coverage;
use Core\Gallery\Coverage\CoverageRow;
use Core\Gallery\Galleries;
use Core\Gallery\PictureAxes;
use Core\Gallery\PictureAxis;
use Core\Matrix\Matrix;
use Core\Product\Plans\PictureAxesPlan;

/** Which axes change a product's pictures, what is proposed, and what a choice does to its coverage. */
final readonly class PictureAxesScreen
{
    /** @var list<PictureAxis> */
    public array $axes;

    /** @param  list<int>  $chosen  axis ids */
    public function __construct(public LoadedProduct $loaded, public array $chosen)
    {
        $this->axes = PictureAxes::of($loaded->core->matrix, $loaded->core->state->pictures);
    }

    /** @return list<int> ids of the axes that change pictures now */
    public static function now(LoadedProduct $loaded): array
    {
        return array_map(fn($axis): int => $axis->id, $loaded->core->matrix->pictureAxes());
    }

    public function isChosen(PictureAxis $one): bool
    {
        return in_array($one->axis->id, $this->chosen, true);
    }

    public function before(): string
    {
        return $this->inWords($this->loaded->core->matrix);
    }

    public function after(): string
    {
        return $this->inWords(PictureAxes::chosen($this->loaded->core->matrix, $this->chosen));
    }

    /** Units of picture combinations that go elsewhere; empty where none does. */
    public function units(): string
    {
        return (new PictureAxesPlan($this->loaded->core, $this->chosen))->unitsInWords(12);
    }

    /** "10 galleries, 90 % of the required views there, 3 missing" */
    private function inWords(Matrix $matrix): string
    {
        $made = $this->loaded->core->madeCells();
        if ($this->loaded->core->library->shotList === null || $made === []) {
            $parts = count(
                array_unique(
                    array_map(
                        fn($cell): string => $cell->on(array_map(fn($axis): int => $axis->id, $matrix->pictureAxes()))
                            ->key,
                        $made,
                    ),
                ),
            );

            return $parts === 1 ? '1 gallery' : __('pictures.parts_galleries', ['parts' => $parts]);
        }
        $coverage = Coverage::of(
            $matrix,
            $made,
            new Galleries($matrix, $made, $this->loaded->core->state->pictures),
            $this->loaded->core->library->shotList,
        );
        $missing = array_sum(array_map(fn(CoverageRow $row): int => $row->lacks(), $coverage->rows));

        return __('pictures.rows_percent_of_the_required_views', [
            'rows' =>
                count($coverage->rows) === 1
                    ? __('pictures.1_gallery')
                    : __('pictures.rows_galleries', ['rows' => count($coverage->rows)]),
            'percent' => $coverage->percent(),
            'missing' => $missing,
        ]);
    }
}
