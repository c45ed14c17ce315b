<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Pictures\KeepPicture;
use App\Http\LibraryRequest;
use App\Http\Person;
use App\Media\Incoming\IncomingFile;
use App\Media\PictureSamples;
use App\Models\Photo;
use App\Store\Library\ColorNaming;
use Core\Color\Measuring\Eyedropper;
use Core\Gallery\Crop;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\UploadedFile;

/** What a swatch is made from: the color of a patch of a picture, and pictures of patterns. */
final class SwatchController
{
    /**
     * The color of a patch, without shadow and highlight.
     *
     * @throws Refusal
     */
    public function pick(
        LibraryRequest $request,
        Photo $photo,
        PictureSamples $samples,
        ColorNaming $naming,
    ): JsonResponse {
        $patch =
            $samples->patch($photo, Crop::fromKey($request->string('frame')->toString())) ??
            throw new Refusal(__('answers.this_picture_is_still_being_read'), RefusalKind::Impossible, 'photo');
        $picked = Eyedropper::take($patch);
        $near = $naming->near($picked->color, 1)[0] ?? null;

        return response()->json([
            'hex' => $picked->color->hex(),
            'leftOut' => $picked->leftOut(),
            'name' => $near?->named->name,
        ]);
    }

    /** @throws Refusal */
    public function picture(LibraryRequest $request, KeepPicture $action): JsonResponse
    {
        $file = $request->file('picture');
        if (!($file instanceof UploadedFile) || !$file->isValid()) {
            throw new Refusal(__('answers.the_picture_did_not_arrive_choose'), RefusalKind::Missing, 'picture');
        }

        return response()->json([
            'photo' => $action->run(
                Person::of($request),
                new IncomingFile((string) $file->getRealPath(), $file->getClientOriginalName()),
            )->id,
        ]);
    }
}
