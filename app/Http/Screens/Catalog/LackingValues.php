<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\Http\Screens\Few;
use App\Models\LibraryAxis;

/** The values of an axis that lack what shoppers are to see of them. */
final readonly class LackingValues
{
    private const MOST = 12;

    /** @param list<string> $names */
    public function __construct(private LibraryAxis $axis, public array $names) {}

    /** "3 of 8 values have no swatch: Moss, Fern, Rust. Shoppers see their names alone." */
    public function inWords(): string
    {
        $few = Few::of($this->names, self::MOST);
        $names = implode(__('words.between'), $few->shown) . ($few->more > 0 ? ' …' : '');
        $what = $this->axis->display->isByPicture() ? 'picture_swatch' : 'swatch';

        return count($this->names) === count($this->axis->values)
            ? __("library.none_has_{$what}", ['names' => $names])
            : trans_choice("library.some_have_no_{$what}", count($this->names), [
                'all' => count($this->axis->values),
                'names' => $names,
            ]);
    }
}
