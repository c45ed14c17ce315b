<?php

declare(strict_types=1);

namespace Core\Color\Swatches;

use Core\Color\Contrast;
use Core\Color\Srgb;
use Core\Color\UnreadableColor;

/**
 * The small sign of a value: one to three colors side by side, a pattern in them, or a piece of a picture. The colors
 * are there whatever is shown: by them a swatch is measured, and they stand in where the picture cannot be had.
 */
final readonly class Swatch
{
    private const MOST_COLORS = 3;

    private const COLORS = '#[0-9a-f]{6}(?:\/#[0-9a-f]{6}){0,2}';

    private const FRAME = '\d{1,4}(?:-\d{1,4}){5}';

    /** @param  non-empty-list<Srgb>  $colors  the first is the one it is called by */
    private function __construct(public array $colors, public ?Tile $tile = null, public ?SwatchPiece $piece = null) {}

    /**
     * Colors side by side.
     *
     * @throws UnreadableColor where there are none, or more than three
     */
    public static function of(Srgb ...$colors): self
    {
        $colors = array_values($colors);
        if ($colors === [] || count($colors) > self::MOST_COLORS) {
            throw UnreadableColor::wrongCount(count($colors));
        }

        return new self($colors);
    }

    /** The same colors in a pattern; where it has fewer than the tile, the last stands for the rest. */
    public function inTile(Tile $tile): self
    {
        return new self(
            array_map(
                fn(int $at): Srgb => $this->colors[min($at, count($this->colors) - 1)],
                range(0, $tile->colors() - 1),
            ),
            $tile,
        );
    }

    /** The same with another color to be called by. */
    public function called(Srgb $main): self
    {
        return new self([$main, ...array_slice($this->colors, 1)], $this->tile, $this->piece);
    }

    /** Its colors alone, or the pattern of them: what is shown where shoppers see no pictures. */
    public function drawn(): self
    {
        return $this->piece === null ? $this : new self($this->colors);
    }

    /** A piece of a picture that has these colors. */
    public function cutFrom(SwatchPiece $piece): self
    {
        return new self($this->colors, null, $piece);
    }

    /**
     * @param  string  $text  as text() writes it
     *
     * @throws UnreadableColor
     */
    public static function read(string $text): self
    {
        $tiles = implode('|', array_column(Tile::cases(), 'value'));
        if (
            preg_match(
                '/^(?:(' . $tiles . '):|photo:([1-9]\d{0,17}):(' . self::FRAME . ')?:)?(' . self::COLORS . ')$/iD',
                $text,
                $parts,
            ) !== 1
        ) {
            throw UnreadableColor::noSwatch($text);
        }
        $plain = new self(array_map(Srgb::fromHex(...), explode('/', $parts[4])));

        return match (true) {
            $parts[1] !== '' => $plain->inTile(Tile::from(strtolower($parts[1]))),
            $parts[2] !== '' => $plain->cutFrom(new SwatchPiece((int) $parts[2], $parts[3])),
            default => $plain,
        };
    }

    /**
     * What is stored: "#5f7049", "#5f7049/#d9c9a3", "stripes:#5f7049/#d9c9a3" or
     * "photo:12:500-500-400-400-200-200:#5f7049".
     */
    public function text(): string
    {
        return match (true) {
            $this->tile !== null => "{$this->tile->value}:",
            $this->piece !== null => "photo:{$this->piece->photoId}:{$this->piece->frame}:",
            default => '',
        } . $this->hex();
    }

    public function kind(): SwatchKind
    {
        return match (true) {
            $this->tile !== null => SwatchKind::Pattern,
            $this->piece !== null => SwatchKind::Piece,
            default => SwatchKind::Colors,
        };
    }

    /** Whether it shows more than colors side by side. */
    public function isPicture(): bool
    {
        return $this->kind() !== SwatchKind::Colors;
    }

    /**
     * The same with each of its colors turned into another: as somebody sees it, or in another light.
     *
     * @param  callable(Srgb): Srgb  $turn
     */
    public function turned(callable $turn): self
    {
        $colors = self::of(...array_map($turn, $this->colors));

        return match (true) {
            $this->tile !== null => $colors->inTile($this->tile),
            $this->piece !== null => $colors->cutFrom($this->piece),
            default => $colors,
        };
    }

    /** The color that the value is called by. */
    public function main(): Srgb
    {
        return $this->colors[0];
    }

    /** @return non-empty-list<Srgb> its colors, and what is seen where threads of two of them lie side by side */
    public function shades(): array
    {
        $mixed = array_filter($this->tile?->figures() ?? [], fn(TileFigure $figure): bool => $figure->opacity < 1);

        return [
            ...$this->colors,
            ...array_map(
                fn(TileFigure $figure): Srgb => $this->main()->mixedWith(
                    $this->colors[$figure->color],
                    $figure->opacity,
                ),
                array_values($mixed),
            ),
        ];
    }

    /** "#5f7049/#d9c9a3" */
    public function hex(): string
    {
        return implode('/', array_map(fn(Srgb $color): string => $color->hex(), $this->colors));
    }

    /** "#5f7049 and #d9c9a3", "stripes of #5f7049 and #d9c9a3", "a piece of a picture, #5f7049". */
    public function inWords(): string
    {
        $hex = array_map(fn(Srgb $color): string => $color->hex(), $this->colors);
        $last = array_pop($hex);
        $colors = $hex === [] ? $last : implode(', ', $hex) . " and {$last}";

        return match (true) {
            $this->tile !== null => "{$this->tile->value} of {$colors}",
            $this->piece !== null => "a piece of a picture, {$colors}",
            default => $colors,
        };
    }

    /** Whether it is hard to see on a ground, so that an outline has to be drawn around it. WCAG 2.2, 1.4.11. */
    public function needsOutline(Srgb $ground): bool
    {
        return Contrast::least($ground, $this->colors) < Contrast::SIGN;
    }

    public function equals(?self $other): bool
    {
        return $this->text() === $other?->text();
    }
}
