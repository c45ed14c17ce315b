<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

use Core\Checks\AxisColors;
use Core\Checks\Finding;
use Core\Checks\SwatchChecks;
use Core\Checks\ValuePicture;
use Core\Color\Deficiency;
use Core\Color\Lab;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Value;

/** Swatches and measured colors on the plane of a* and b*, with their lightness beside it. */
final class ColorMap
{
    /** Pixels of the plane along each side. */
    public const SIDE = 440;

    /** Pixels between the plane and the column of lightness. */
    private const GAP = 24;

    /** Least of a* and b* that is shown in each direction, and what is left free around the points. */
    private const LEAST = 30.0;

    private const MARGIN = 8.0;

    /** Values with more than these have their names said where they are pointed at. */
    private const MOST_NAMED = 40;

    /** Room that a name takes, in pixels. */
    private const LABEL = [70.0, 13.0];

    /** @var list<MapPoint> */
    public array $points = [];

    /** @var list<MapPicture> */
    public array $pictures = [];

    public readonly int $side;

    /** Where both a* and b* are nothing, from the left and from the top. */
    public readonly float $middle;

    /** Where the column of lightness begins. */
    public readonly int $lightX;

    /** Where the lightness of a swatch is marked, from the left. */
    public readonly int $depthX;

    /** Pixels for one of a* and b*. */
    public float $scale;

    /**
     * @param  list<Finding>  $findings
     * @param  ?Deficiency  $eyes  whose eyes it is looked at with; null for everybody's
     */
    public function __construct(
        private readonly AxisColors $colors,
        private readonly array $findings,
        private readonly ?Deficiency $eyes,
        private readonly bool $canEdit,
        private readonly ?TriedColor $tried = null,
    ) {
        $this->side = self::SIDE;
        $this->middle = self::SIDE / 2;
        $this->lightX = self::SIDE + self::GAP;
        $this->depthX = $this->lightX + 22;
        $swatches = array_map($this->seen(...), $colors->swatches);
        $labs = [
            ...$tried === null ? [] : [Lab::of($this->seen($tried->swatch)->main())],
            ...array_map(fn(Swatch $swatch): Lab => Lab::of($swatch->main()), $swatches),
            ...array_map(fn(ValuePicture $picture): Lab => Lab::of($this->seenColor($picture)), $this->told()),
        ];
        $farthest = max([
            self::LEAST,
            ...array_map(fn(Lab $lab): float => max(abs($lab->a), abs($lab->b)) + self::MARGIN, $labs),
        ]);
        $this->scale = self::SIDE / 2 / $farthest;
        $byValue = [];
        foreach ($colors->axis->values as $value) {
            if (isset($swatches[$value->id])) {
                $this->points[] = $byValue[$value->id] = $this->point($value, $swatches[$value->id]);
            }
        }
        foreach ($this->told() as $picture) {
            $this->pictures[] = $this->picture($picture, $byValue[$picture->valueId] ?? null);
        }
    }

    /** A color that is only tried, at its place; null where none is. */
    public function tried(): ?MapPoint
    {
        if ($this->tried === null) {
            return null;
        }
        $swatch = $this->seen($this->tried->swatch);
        [$x, $y] = $this->place(Lab::of($swatch->main()));

        return new MapPoint(
            0,
            $this->tried->name,
            $swatch,
            Lab::of($swatch->main()),
            $x,
            $y,
            $this->lightY(Lab::of($swatch->main())),
            $y - 14,
            false,
            false,
        );
    }

    /** @return list<ChromaRing> */
    public function rings(): array
    {
        $rings = [];
        for ($chroma = 20; $chroma * $this->scale < self::SIDE / 2; $chroma += 20) {
            $rings[] = new ChromaRing($chroma, $chroma * $this->scale);
        }

        return $rings;
    }

    /** What is seen of the drawing, with room for what stands at its borders. */
    public function viewBox(): string
    {
        return '-10 -10 ' . (self::SIDE + 110) . ' ' . (self::SIDE + 34);
    }

    /** The lines on which a* and b* are nothing, as an SVG path around the middle. */
    public function cross(): string
    {
        return "M-{$this->middle} 0H{$this->middle}M0 -{$this->middle}V{$this->middle}";
    }

    /** @return list<LightLine> */
    public function lightLines(): array
    {
        return array_map(
            function (int $lightness): LightLine {
                $y = ((100 - $lightness) / 100) * self::SIDE;

                return new LightLine($lightness, $y, min(self::SIDE - 2, $y + 10));
            },
            [100, 75, 50, 25, 0],
        );
    }

    public function isNamed(): bool
    {
        return count($this->points) <= self::MOST_NAMED;
    }

    /** "L 45, a −12, b 20" */
    public static function inWords(Lab $lab): string
    {
        $number = fn(float $number): string => str_replace('-', '−', (string) (round($number) + 0));

        return "L {$number($lab->lightness)}, a {$number($lab->a)}, b {$number($lab->b)}";
    }

    private function point(Value $value, Swatch $swatch): MapPoint
    {
        $lab = Lab::of($swatch->main());
        [$x, $y] = $this->place($lab);
        $marked = array_filter(
            $this->findings,
            fn(Finding $finding): bool => $finding->placementId === null &&
                in_array($value->id, $finding->valueIds, true),
        );

        return new MapPoint(
            $value->id,
            $value->label,
            $swatch,
            $lab,
            $x,
            $y,
            $this->lightY($lab),
            $this->labelY($x, $y),
            $marked !== [],
            $this->canEdit && $this->eyes === null && $swatch->piece === null,
        );
    }

    private function picture(ValuePicture $picture, ?MapPoint $swatch): MapPicture
    {
        $color = $this->seenColor($picture);
        $lab = Lab::of($color);
        [$x, $y] = $this->place($lab);
        $distance = $this->colors->distance($picture);
        $isAccused =
            array_filter(
                $this->findings,
                fn(Finding $finding): bool => $finding->placementId === $picture->placementId,
            ) !== [];

        return new MapPicture(
            $picture->placementId,
            $picture->file,
            $this->colors->axis->value($picture->valueId)->label ?? '',
            $color,
            $x,
            $y,
            $this->lightY($lab),
            $swatch,
            $distance,
            $isAccused || $distance > SwatchChecks::FAR,
            ($isAccused || $distance > SwatchChecks::FAR) && $this->isFree($x, $y),
        );
    }

    private function isFree(float $x, float $y): bool
    {
        return array_filter(
            $this->pictures,
            fn(MapPicture $other): bool => $other->isSaid &&
                abs($other->x - $x) < self::LABEL[0] / 2 &&
                abs($other->y - $y) < self::LABEL[1],
        ) === [];
    }

    /** @return list<ValuePicture> whose color can be told */
    private function told(): array
    {
        return array_values(
            array_filter($this->colors->pictures, fn(ValuePicture $picture): bool => $picture->isTold()),
        );
    }

    private function seenColor(ValuePicture $picture): Srgb
    {
        $color = $picture->seen->main() ?? $picture->seen->background;

        return $this->eyes?->seen($color) ?? $color;
    }

    private function seen(Swatch $swatch): Swatch
    {
        return $this->eyes === null ? $swatch : SwatchChecks::seen($swatch->drawn(), $this->eyes);
    }

    /** @return array{float, float} */
    private function place(Lab $lab): array
    {
        return [round(self::SIDE / 2 + $lab->a * $this->scale, 1), round(self::SIDE / 2 - $lab->b * $this->scale, 1)];
    }

    private function lightY(Lab $lab): float
    {
        return round(((100 - $lab->lightness) / 100) * self::SIDE, 1);
    }

    /** Names stand beside their points, one below the other where they would lie over each other. */
    private function labelY(float $x, float $y): float
    {
        for ($tries = 0; $tries < 6; $tries++) {
            foreach ($this->points as $other) {
                if (abs($other->x - $x) < self::LABEL[0] && abs($other->labelY - $y) < self::LABEL[1]) {
                    $y = $other->labelY + self::LABEL[1];

                    continue 2;
                }
            }
            break;
        }

        return $y;
    }
}
