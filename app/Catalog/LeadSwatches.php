<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Media\PictureSamples;
use App\Models\Photo;
use App\Models\PhotoState;
use Core\Checks\ValuePicture;
use Core\Color\Eyedropper;
use Core\Color\Swatch;
use Core\Color\SwatchPiece;
use Core\Gallery\ClothPiece;
use Core\Gallery\Crop;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Combination;
use Core\Matrix\Value;

/** Makes swatches from the picture that shoppers see first of each value. */
final readonly class LeadSwatches
{
    public function __construct(private PictureSamples $samples)
    {
    }

    /** @param  list<Value>  $values  of the axis */
    public function of(LoadedProduct $loaded, Axis $axis, array $values, AxisDisplay $display): FilledGaps
    {
        $colors = new ProductColors($loaded);
        $measured = $colors->of($axis);
        $accused = $colors->accused($axis);
        $swatches = $open = $leads = [];
        foreach ($values as $value) {
            $lead = $loaded->galleries()->forChoice(Combination::of([$axis->id => $value->id]))->lead();
            $row = $lead === null ? null : $loaded->placements[$lead->id];
            $isOwn = $row !== null && ValuePicture::valueOf($row->reach()->activeIn($loaded->matrix), $axis->id) === $value->id;
            match (true) {
                $row === null => $open[$value->id] = "{$value->label} has no picture yet.",
                ! $isOwn => $open[$value->id] = "{$value->label} has no picture of its own: {$row->file()} is of others too.",
                in_array($row->id(), $accused, true) => $open[$value->id] = "{$row->file()} looks like another color than {$value->label}.",
                $row->photoState !== PhotoState::Ready => $open[$value->id] = "{$row->file()} is not read yet. Try again in a moment.",
                default => $leads[$value->id] = $row,
            };
        }
        $photos = Photo::query()->whereKey(array_map(fn (PlacementRow $row): int => $row->photoId, $leads))->get()->keyBy('id');
        foreach ($leads as $valueId => $row) {
            $known = $measured->measured($valueId, $accused)?->swatch;
            $swatch = $this->swatch($photos[$row->photoId], $known, $display === AxisDisplay::PictureSwatches);
            $swatch === null ? $open[$valueId] = "{$row->file()} cannot be read at the moment. Try again later." : $swatches[$valueId] = $swatch;
        }

        return new FilledGaps($swatches, $open);
    }

    /** @param  ?Swatch  $measured  what the pictures of the value show; null where it cannot be told */
    private function swatch(Photo $photo, ?Swatch $measured, bool $asPiece): ?Swatch
    {
        if (! $asPiece && $measured !== null) {
            return $measured;
        }
        $picture = $this->samples->whole($photo);
        if ($picture === null) {
            return null;
        }
        // Where the cloth has the color of its ground, the middle of the picture is the best there is.
        $frame = $measured === null ? Crop::of(500, 500, 400, 400, 200, 200) : ClothPiece::in($picture, $measured->colors);
        $patch = $this->samples->patch($photo, $frame);
        $colors = $measured ?? ($patch === null ? null : Swatch::of(Eyedropper::take($patch)->color));

        return $asPiece ? $colors?->cutFrom(new SwatchPiece($photo->id, $frame->key())) : $colors;
    }
}
