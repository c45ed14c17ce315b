<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Media\Looks\PhotoLook;
use App\Media\Looks\PhotoLooks;
use App\Media\MediaKind;
use App\Models\PhotoState;
use App\Store\PlacementRow;
use Core\Checks\AxisColors;
use Core\Checks\Finding;
use Core\Checks\SwatchChecks;
use Core\Checks\ValuePicture;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;

/** The colors of a product: of each axis that has any, its swatches and what was measured of its pictures. */
final class ProductColors
{
    /** @var ?array<int, PhotoLook> by photo id */
    private ?array $looks = null;

    /** @var array<int, AxisColors> by axis id */
    private array $known = [];

    /** @var array<int, list<Finding>> by axis id */
    private array $findings = [];

    public function __construct(public readonly LoadedProduct $loaded) {}

    /**
     * The colors of several products, with what was measured of their pictures, in as many queries as of one.
     *
     * @param  array<int, LoadedProduct>  $products  by id
     * @return array<int, self> by product id
     */
    public static function ofMany(array $products): array
    {
        $photoIds = [];
        foreach ($products as $loaded) {
            foreach ($loaded->placements as $row) {
                $photoIds[$row->photoId] = true;
            }
        }
        $looks = PhotoLooks::of(array_keys($photoIds));
        $colors = [];
        foreach ($products as $id => $loaded) {
            $colors[$id] = new self($loaded);
            $colors[$id]->looks = $looks;
        }

        return $colors;
    }

    /** @return list<AxisColors> of each axis that has any */
    public function all(): array
    {
        return array_map($this->of(...), $this->axes());
    }

    /** @return list<Axis> those whose values are shown by a sign, or have one */
    public function axes(): array
    {
        return array_values(
            array_filter(
                $this->loaded->core->matrix->axes,
                fn(Axis $axis): bool => $axis->kind === AxisKind::Color ||
                    $axis->display->hasSwatches() ||
                    array_filter(
                        $axis->values,
                        fn(Value $value): bool => $this->loaded->core->library->swatches->of($value->id) !== null,
                    ) !== [],
            ),
        );
    }

    public function of(Axis $axis): AxisColors
    {
        return $this->known[$axis->id] ??= new AxisColors(
            $axis,
            array_intersect_key($this->loaded->core->library->swatches->all(), array_flip($axis->valueIds())),
            $this->pictures($axis),
        );
    }

    /** @return list<Finding> */
    public function findings(Axis $axis): array
    {
        return $this->findings[$axis->id] ??= SwatchChecks::of($this->of($axis));
    }

    /** @return list<int> ids of placements that look like another value than theirs */
    public function accused(Axis $axis): array
    {
        return array_values(
            array_filter(array_map(fn(Finding $finding): ?int => $finding->placementId, $this->findings($axis))),
        );
    }

    /** @return list<ValuePicture> stills that show the goods in one value of the axis, in the one order */
    private function pictures(Axis $axis): array
    {
        $pictures = [];
        foreach ($this->loaded->placements as $row) {
            $value = $this->shows($row)
                ? ValuePicture::valueOf($row->reach()->activeIn($this->loaded->core->matrix), $axis->id)
                : null;
            $look = $value === null ? null : $this->looks()[$row->photoId] ?? null;
            if ($value !== null && $look !== null) {
                $pictures[] = new ValuePicture($row->id(), $row->file(), $value, $look->colors);
            }
        }

        return $pictures;
    }

    private function shows(PlacementRow $row): bool
    {
        return $row->photoState === PhotoState::Ready &&
            $row->kind() === MediaKind::Still &&
            $row->placement->view?->showing->isOfAll() !== true;
    }

    /** @return array<int, PhotoLook> */
    private function looks(): array
    {
        return $this->looks ??= PhotoLooks::of(
            array_values(
                array_unique(array_map(fn(PlacementRow $row): int => $row->photoId, $this->loaded->placements)),
            ),
        );
    }
}
