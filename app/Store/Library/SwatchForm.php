<?php

declare(strict_types=1);

namespace App\Store\Library;

use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchKind;
use Core\Color\Swatches\SwatchPiece;
use Core\Color\Swatches\Tile;
use Core\Color\UnreadableColor;
use Core\Gallery\Crop;
use Core\Refusal;
use Core\RefusalKind;

/** A swatch as somebody makes it: of what kind, and of what. */
final readonly class SwatchForm
{
    /**
     * @param  list<string>  $colors  as typed; empty ones are left out
     * @param  string  $frame  which piece of the picture, as a crop is written
     */
    public function __construct(
        public SwatchKind $kind,
        public array $colors,
        public ?Tile $tile = null,
        public ?int $photoId = null,
        public string $frame = '',
    ) {}

    public static function showing(?Swatch $swatch): self
    {
        return new self(
            $swatch?->kind() ?? SwatchKind::Colors,
            array_map(fn(Srgb $color): string => $color->hex(), $swatch->colors ?? []),
            $swatch?->tile,
            $swatch?->piece?->photoId,
            $swatch->piece->frame ?? '',
        );
    }

    /**
     * @return ?Swatch null where no color is said
     *
     * @throws Refusal
     */
    public function swatch(ColorNaming $naming): ?Swatch
    {
        $colors = [];
        foreach ($this->colors as $at => $typed) {
            if (trim($typed) === '') {
                continue;
            }
            try {
                $colors[] = $naming->read($typed)->color;
            } catch (UnreadableColor $unreadable) {
                throw new Refusal($unreadable->getMessage(), RefusalKind::Unreadable, "colors.{$at}");
            }
        }
        if ($colors === []) {
            return null;
        }
        $swatch = Swatch::of(...array_slice($colors, 0, 3));

        return match ($this->kind) {
            SwatchKind::Colors => $swatch,
            SwatchKind::Pattern => $swatch->inTile($this->tile ?? Tile::Stripes),
            SwatchKind::Piece => $swatch->cutFrom(
                new SwatchPiece(
                    $this->photoId ??
                        throw new Refusal(
                            'Choose the picture that the swatch is a piece of.',
                            RefusalKind::Missing,
                            'photo',
                        ),
                    Crop::fromKey($this->frame)->key(),
                ),
            ),
        };
    }
}
