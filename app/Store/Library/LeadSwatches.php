<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Media\PictureSamples;
use App\Models\Photo;
use App\Models\PhotoState;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductColors;
use Core\Checks\FilledGaps;
use Core\Checks\SwatchLeads;
use Core\Color\Measuring\Eyedropper;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchPiece;
use Core\Gallery\ClothPiece;
use Core\Gallery\Crop;
use Core\Gallery\CropFrame;
use Core\Gallery\Placement;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Value;

/** Makes swatches from the picture that shoppers see first of each value. */
final readonly class LeadSwatches
{
    public function __construct(private PictureSamples $samples) {}

    /** @param  list<Value>  $values  of the axis */
    public function of(LoadedProduct $loaded, Axis $axis, array $values, AxisDisplay $display): FilledGaps
    {
        $colors = new ProductColors($loaded);
        $measured = $colors->of($axis);
        $accused = $colors->accused($axis);
        $found = SwatchLeads::of($loaded->core, $axis, $values, $accused, $this->unread($loaded));
        $photos = Photo::query()
            ->whereKey(array_map(fn(Placement $lead): int => $lead->photoId, $found->leads))
            ->get()
            ->keyBy('id');
        $swatches = [];
        $open = $found->open;
        foreach ($found->leads as $valueId => $lead) {
            $known = $measured->measured($valueId, $accused);
            $swatch =
                $display === AxisDisplay::PictureSwatches
                    ? $this->piece($photos->findOrFail($lead->photoId), $known?->swatch)
                    : ($known?->isSure === true
                        ? $known->swatch
                        : null);
            if ($swatch !== null) {
                $swatches[$valueId] = $swatch;
            } elseif ($display === AxisDisplay::PictureSwatches) {
                $open[$valueId] = "{$lead->file} cannot be read at the moment. Try again later.";
            } else {
                $open[$valueId] =
                    "What {$lead->file} shows cannot be told surely from its ground: take the color from it" .
                    ' by hand.';
            }
        }

        return new FilledGaps($swatches, $open);
    }

    /** @return array<int, true> ids of photos */
    private function unread(LoadedProduct $loaded): array
    {
        $unread = [];
        foreach ($loaded->placements as $row) {
            if ($row->photoState !== PhotoState::Ready) {
                $unread[$row->photoId] = true;
            }
        }

        return $unread;
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
        $middle = Crop::of(500, 500, new CropFrame(400, 400, 200, 200));
        $frame = $measured === null ? $middle : ClothPiece::in($picture, $measured->colors);
        $patch = $this->samples->patch($photo, $frame);
        $colors = $measured ?? ($patch === null ? null : Swatch::of(Eyedropper::take($patch)->color));

        return $colors?->cutFrom(new SwatchPiece($photo->id, $frame->key()));
    }
}
