<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

use App\Http\Person;
use App\Http\Requests\ProductRequest;
use App\Http\Screens\Few;
use App\Http\Screens\Pictures\PictureLinks;
use App\Http\Screens\Product\PageScreen;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductColors;
use Core\Checks\AxisColors;
use Core\Checks\Finding;
use Core\Checks\NearValue;
use Core\Checks\SwatchCheck;
use Core\Checks\SwatchChecks;
use Core\Color\Deficiency;
use Core\Color\Lab;
use Core\Color\Srgb;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Combination;
use Core\Matrix\Value;
use Core\Reach\Selection;

/** The colors of one axis: of a product with its pictures, or of the library. */
final class ColorScreen implements PageScreen
{
    /** Findings and pictures that are listed. */
    private const MOST_LISTED = 60;

    public readonly ColorMap $map;

    /** @var ?list<ColorRow> once they were asked for */
    private ?array $rows = null;

    /** @var list<Finding> */
    public readonly array $findings;

    private function __construct(
        public readonly AxisColors $colors,
        public readonly ?Deficiency $eyes,
        private readonly ?LoadedProduct $loaded,
        private readonly ?ProductColors $all,
        bool $canEdit,
        public readonly ?TriedColor $tried = null,
    ) {
        $this->findings = $loaded === null || $all === null ? SwatchChecks::of($colors) : $all->findings($colors->axis);
        $this->map = new ColorMap($colors, $this->findings, $eyes, $canEdit, $tried);
    }

    /** @return ?self null where no axis of the product has colors */
    public static function forPage(LoadedProduct $loaded, ProductRequest $request): ?static
    {
        return self::of($loaded, $request->integer('axis'), $request->eyes(), Person::of($request)->can('edit'));
    }

    public static function of(LoadedProduct $loaded, int $axisId, ?Deficiency $eyes, bool $canEdit): ?self
    {
        $all = new ProductColors($loaded);
        $axes = $all->axes();
        $axis =
            array_values(array_filter($axes, fn(Axis $axis): bool => $axis->id === $axisId))[0] ?? ($axes[0] ?? null);

        return $axis === null ? null : new self($all->of($axis), $eyes, $loaded, $all, $canEdit);
    }

    /** @param  ?TriedColor  $tried  a color that is thought of */
    public static function ofLibrary(
        AxisColors $colors,
        ?Deficiency $eyes,
        bool $canEdit,
        ?TriedColor $tried = null,
    ): self {
        return new self($colors, $eyes, null, null, $canEdit, $tried);
    }

    public function axis(): Axis
    {
        return $this->colors->axis;
    }

    /** @return list<Axis> that can be looked at instead */
    public function axes(): array
    {
        return $this->all?->axes() ?? [];
    }

    /** @return list<ColorRow> */
    public function rows(): array
    {
        return $this->rows ??= $this->drawn();
    }

    /** @return list<MapPicture> pictures that lie farther from their swatch than a color does, the farthest first */
    public function farPictures(): array
    {
        $far = array_values(
            array_filter($this->map->pictures, fn(MapPicture $picture): bool => $picture->distance > SwatchChecks::FAR),
        );
        usort($far, fn(MapPicture $one, MapPicture $other): int => $other->distance <=> $one->distance);

        return $far;
    }

    /** @return list<MapPicture> those of them that are listed */
    public function firstFarPictures(): array
    {
        return array_slice($this->farPictures(), 0, self::MOST_LISTED);
    }

    /** @return Few<Finding> */
    public function firstFindings(): Few
    {
        return Few::of($this->findings, self::MOST_LISTED);
    }

    /** @return list<?Deficiency> whose eyes it can be looked at with; null for everybody's */
    public function allEyes(): array
    {
        return [null, ...Deficiency::cases()];
    }

    /** @return list<string> the values that a color which is thought of is nearest to, or a word for none */
    public function triedNear(): array
    {
        $near = array_map(
            fn(NearValue $near): string => __('library.near_value', [
                'value' => $this->axis()->value($near->valueId)->label ?? '',
                'distance' => $near->distance,
            ]),
            $this->tried->near ?? [],
        );

        return $near === [] ? [__('library.nothing_yet')] : $near;
    }

    /** "Lab 45.1, -12.0, 20.3" */
    public function labOf(Srgb $color): string
    {
        $lab = Lab::of($color);

        return __('colors.lab_lightness_a_b', ['lightness' => $lab->lightness, 'a' => $lab->a, 'b' => $lab->b]);
    }

    /** @return list<ColorRow> those whose pictures propose another swatch than they have */
    public function proposals(): array
    {
        return array_values(
            array_filter(
                $this->rows(),
                fn(ColorRow $row): bool => $row->measured !== null &&
                    $row->measured->swatch->hex() !== $row->swatch?->hex(),
            ),
        );
    }

    /** @return list<Value> values that lack what shoppers are to see of them */
    public function lacking(): array
    {
        return SwatchChecks::lacking($this->colors);
    }

    /** A value as the board selects it. */
    public function selected(int $valueId): string
    {
        return Selection::at(Combination::of([$this->axis()->id => $valueId]))->key();
    }

    /** How the library has shoppers choose, where the product differs. */
    public function ownDisplay(): ?AxisDisplay
    {
        return ($this->loaded?->core->ownAxes()[$this->axis()->id] ?? null)?->display;
    }

    /** "2 of 5 values have no swatch. 1 picture looks like another color. Moss and Fern are too alike." in counts. */
    public function summary(): string
    {
        $counts = [];
        foreach ($this->findings as $finding) {
            $counts[$finding->check->key()] = ($counts[$finding->check->key()] ?? 0) + 1;
        }
        $values = count($this->axis()->values);
        $parts = [];
        foreach ($counts as $check => $count) {
            $parts[] = lcfirst(SwatchCheck::from($check)->inWords()) . ': ' . $count;
        }

        return trans_choice('colors.values_value_swatches_with_a_swatch', $values, [
            'values' => $values,
            'swatches' => count($this->colors->swatches),
            'parts' =>
                $parts === []
                    ? __('colors.nothing_is_wrong_with_them')
                    : __('colors.found_parts', ['parts' => implode(', ', $parts)]),
        ]);
    }

    /** Where something that was found can be mended: the picture it is about. */
    public function pictureOf(Finding $finding): ?string
    {
        if ($this->loaded === null || $finding->placementId === null) {
            return null;
        }

        return (new PictureLinks($this->loaded))->thumb($this->loaded->placements[$finding->placementId]->placement);
    }

    /** @return list<ColorRow> */
    private function drawn(): array
    {
        $accused = array_values(
            array_filter(array_map(fn(Finding $finding): ?int => $finding->placementId, $this->findings)),
        );
        $links = $this->loaded === null ? null : new PictureLinks($this->loaded);
        $rows = [];
        foreach ($this->axis()->values as $value) {
            $measured = $this->colors->measured($value->id, $accused);
            $swatch = $this->colors->swatch($value->id);
            $nearest = $this->colors->nearest($value->id);
            $row = $measured === null ? null : $this->loaded->placements[$measured->placementId] ?? null;
            $rows[] = new ColorRow(
                $value,
                $swatch,
                isset(($this->loaded?->core->library->swatches->own() ?? [])[$value->id]),
                count($this->colors->told($value->id)),
                $measured,
                $row === null ? null : $links?->thumb($row->placement),
                $this->colors->middleDistance($value->id, $accused),
                $nearest,
                $nearest === null ? '' : $this->axis()->value($nearest->valueId)->label ?? '',
                array_values(
                    array_filter(
                        $this->findings,
                        fn(Finding $finding): bool => in_array($value->id, $finding->valueIds, true),
                    ),
                ),
            );
        }

        return $rows;
    }
}
