<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Pictures\TakePoster;
use App\Http\Person;
use App\Media\Incoming\IncomingFile;
use App\Media\MediaKind;
use App\Media\PhotoStore;
use App\Models\Photo;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** Films and models as they are kept, to be played and turned; and the posters that stand for models. */
final class MediaController
{
    private const YEAR = 31_536_000;

    /**
     * In parts where a player asks for parts.
     *
     * @throws Refusal
     */
    public function show(Request $request, Photo $photo, string $type, PhotoStore $store): Response
    {
        $path = PhotoStore::originalPath($photo->sha256, $photo->type);
        abort_unless(
            $photo->type === $type && MediaKind::ofType($type) !== MediaKind::Still && $store->disk()->exists($path),
            404,
        );
        $headers = ['Content-Type' => MediaKind::TYPES[$type]];
        $response =
            $store->disk() instanceof LocalFilesystemAdapter
                ? new BinaryFileResponse($store->disk()->path($path), 200, $headers)
                : response()->stream(
                    fn() => fpassthru(
                        $store->disk()->readStream($path) ??
                            throw new Refusal(__('answers.the_file_of_this_film_is'), RefusalKind::Gone),
                    ),
                    200,
                    $headers + ['Content-Length' => (string) $photo->bytes],
                );
        $response->setPrivate()->setMaxAge(self::YEAR)->setImmutable();
        $response->setEtag($photo->sha256);

        return $response;
    }

    /** @throws Refusal */
    public function poster(Request $request, Photo $photo, TakePoster $action): \Illuminate\Http\Response
    {
        $file = $request->file('poster');
        if (!($file instanceof UploadedFile) || !$file->isValid()) {
            throw new Refusal(__('answers.the_poster_did_not_arrive_take'), RefusalKind::Missing, 'poster');
        }
        $action->run(
            Person::of($request),
            $photo,
            new IncomingFile((string) $file->getRealPath(), __('answers.the_poster')),
        );

        return response('', 204);
    }
}
