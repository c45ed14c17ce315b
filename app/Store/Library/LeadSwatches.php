<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Media\PictureSamples;
use App\Models\Photo;
use App\Models\PhotoState;
use App\Store\PlacementRow;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductColors;
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
            $known = $measured->measured($valueId, $accused);
            $swatch = $display === AxisDisplay::PictureSwatches
                ? $this->piece($photos[$row->photoId], $known?->swatch)
                : ($known?->isSure === true ? $known->swatch : null);
            if ($swatch !== null) {
                $swatches[$valueId] = $swatch;
            } elseif ($display === AxisDisplay::PictureSwatches) {
                $open[$valueId] = "{$row->file()} cannot be read at the moment. Try again later.";
            } else {
                $open[$valueId] = "What {$row->file()} shows cannot be told surely from its ground: take the color from it by hand.";
            }
        }

        return new FilledGaps($swatches, $open);
    }

    /**
     * A piece of the cloth.
     *
     * @param  ?Swatch  $measured  what the pictures of the value show; null where it cannot be told
     * @return ?Swatch null where the picture cannot be read
     */
    private function piece(Photo $photo, ?Swatch $measured): ?Swatch
    {
        $picture = $this->samples->whole($photo);
        if ($picture === null) {
            return null;
        }
        // Where the cloth has the color of its ground, the middle of the picture is the best there is.
        $middle = Crop::of(500, 500, 400, 400, 200, 200);
        $frame = $measured === null ? $middle : ClothPiece::in($picture, $measured->colors);
        $patch = $this->samples->patch($photo, $frame);
        $colors = $measured ?? ($patch === null ? null : Swatch::of(Eyedropper::take($patch)->color));

        return $colors?->cutFrom(new SwatchPiece($photo->id, $frame->key()));
    }
}
