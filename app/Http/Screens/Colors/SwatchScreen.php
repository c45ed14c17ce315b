<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

use App\Media\MediaKind;
use App\Models\LibraryValue;
use App\Models\PhotoState;
use App\Store\Library\ColorNaming;
use App\Store\Library\SwatchForm;
use App\Store\PlacementRow;
use App\Store\Products\LoadedProduct;
use Core\Checks\AxisColors;
use Core\Checks\Finding;
use Core\Checks\SwatchChecks;
use Core\Checks\ValuePicture;
use Core\Color\Lab;
use Core\Color\Names\NamedColor;
use Core\Color\Names\NearColor;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchKind;
use Core\Color\Swatches\Tile;
use Core\Color\UnreadableColor;
use Core\Matrix\Axis;
use Core\Reach\Clause;
use Core\Refusal;

/** The dialog in which a swatch is made: what is in it, what comes of it, and the pictures it may be taken from. */
final class SwatchScreen
{
    private const MOST_PICTURES = 18;

    private const MOST_NAMES = 4;

    private const GRAY = '#808080';

    private const SAMPLE = '#d8c8a2/#3c4068';

    public readonly ?Swatch $swatch;

    /** What stands in the way, and at which field; empty where nothing does. */
    public readonly string $problem;

    public readonly string $problemField;

    /**
     * @param  AxisColors  $colors  of the axis that the value is on
     * @param  list<LoadedProduct>  $products  whose pictures are offered
     */
    public function __construct(
        public readonly LibraryValue $value,
        public readonly SwatchForm $form,
        private readonly AxisColors $colors,
        private readonly array $products,
        private readonly ColorNaming $naming,
        public readonly bool $isHereOnly,
        public readonly ?LoadedProduct $product = null,
        public readonly string $usedBy = '',
    ) {
        $problem = $field = '';
        $swatch = null;
        try {
            $swatch = $form->swatch($naming);
        } catch (Refusal $refused) {
            [$problem, $field] = [$refused->getMessage(), $refused->field ?? ''];
        }
        $this->swatch = $swatch;
        $this->problem = $problem;
        $this->problemField = $field;
    }

    public function axis(): Axis
    {
        return $this->colors->axis;
    }

    public function label(): string
    {
        return $this->axis()->value($this->value->id)->label ?? $this->value->name;
    }

    /** @return list<SwatchField> */
    public function fields(): array
    {
        $typed = $this->form->colors;

        return array_map(
            fn(int $at): SwatchField => new SwatchField(
                __('colors.color_' . ($at + 1)),
                __('colors.color_' . ($at + 1) . '_by_eye'),
                $typed[$at] ?? '',
                $this->byEye($at),
                $this->readAs($at),
                ($typed[$at] ?? '') === '' && $at > count(array_filter($typed)),
            ),
            [0, 1, 2],
        );
    }

    /** Six figures as they were typed, else what the swatch has first, else a gray. */
    private function byEye(int $at): string
    {
        $typed = $this->form->colors[$at] ?? '';

        return preg_match('/^#[0-9a-f]{6}$/i', $typed) === 1
            ? $typed
            : ($at === 0 ? $this->swatch?->main()->hex() : null) ?? self::GRAY;
    }

    public function isPattern(): bool
    {
        return $this->form->kind === SwatchKind::Pattern;
    }

    public function isPiece(): bool
    {
        return $this->form->kind === SwatchKind::Piece;
    }

    public function tile(): Tile
    {
        return $this->form->tile ?? Tile::Stripes;
    }

    /** The swatch in another tile; of two colors of ours while there is none. */
    public function inTile(Tile $tile): Swatch
    {
        return ($this->swatch ?? Swatch::read(self::SAMPLE))->drawn()->inTile($tile);
    }

    /** "L 45, a −12, b 20" */
    public function figuresInWords(): string
    {
        return $this->swatch === null ? '' : ColorMap::inWords(Lab::of($this->swatch->main()));
    }

    /** @return list<string> what its color is called, the nearest first: "Moss (yours) 1.2" */
    public function namesInWords(): array
    {
        return array_map(
            fn(NearColor $near): string => __($near->named->isOwn ? 'colors.own_color' : 'colors.other_color', [
                'name' => $near->named->name,
                'distance' => $near->distance,
            ]),
            $this->names(),
        );
    }

    public function swatchByName(): ?Swatch
    {
        return $this->byName() === null ? null : Swatch::of($this->byName()->color);
    }

    /**
     * What a color that was typed is: "the shop’s own Moss, #5f7049", "the nearest that a screen shows, #00959c"; empty
     * where it says itself.
     */
    private function readAs(int $at): string
    {
        try {
            $read = trim($this->form->colors[$at] ?? '') === '' ? null : $this->naming->read($this->form->colors[$at]);
        } catch (UnreadableColor) {
            return '';
        }

        if ($read === null || $read->color->hex() === strtolower(trim($this->form->colors[$at]))) {
            return '';
        }

        return ($read->isOwn ? 'the shop’s own ' : '') .
            ($read->name === '' ? '' : "{$read->name}, ") .
            $read->color->hex();
    }

    /** @return list<NearColor> names that are proposed for it */
    public function names(): array
    {
        return $this->swatch === null ? [] : $this->naming->near($this->swatch->main(), self::MOST_NAMES);
    }

    /** @return ?NamedColor a color that is proposed for how the value is called */
    public function byName(): ?NamedColor
    {
        try {
            return $this->naming->read($this->label());
        } catch (UnreadableColor) {
            return null;
        }
    }

    /** @return list<Finding> what would be found about it beside the others */
    public function findings(): array
    {
        $swatches = $this->colors->swatches;
        unset($swatches[$this->value->id]);
        $colors = new AxisColors(
            $this->colors->axis,
            $swatches + ($this->swatch === null ? [] : [$this->value->id => $this->swatch]),
            $this->colors->pictures,
        );

        return array_values(
            array_filter(
                SwatchChecks::of($colors),
                fn(Finding $finding): bool => $finding->placementId === null &&
                    in_array($this->value->id, $finding->valueIds, true),
            ),
        );
    }

    /** @return list<PlacementRow> stills that show the value, those of it alone first */
    public function pictures(): array
    {
        $own = $other = $seen = [];
        foreach ($this->products as $loaded) {
            $axis = $loaded->core->matrix->axis($this->colors->axis->id);
            if ($axis === null) {
                continue;
            }
            foreach ($loaded->placements as $row) {
                if (
                    $row->photoState !== PhotoState::Ready ||
                    $row->kind() !== MediaKind::Still ||
                    isset($seen[$row->photoId])
                ) {
                    continue;
                }
                $seen[$row->photoId] = true;
                $reach = $row->reach()->activeIn($loaded->core->matrix);
                if (ValuePicture::valueOf($reach, $axis->id) === $this->value->id) {
                    $own[] = $row;
                } elseif (
                    array_filter(
                        $reach->clauses,
                        fn(Clause $clause): bool => $clause->allows($axis->id, $this->value->id),
                    ) !== []
                ) {
                    $other[] = $row;
                }
            }
        }

        return array_slice([...$own, ...$other], 0, self::MOST_PICTURES);
    }

    /** The picture that is looked at: the one that was chosen, else the first. */
    public function photoId(): ?int
    {
        return $this->form->photoId ?? ($this->pictures()[0] ?? null)?->photoId;
    }
}
