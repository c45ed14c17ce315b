<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Pictures\AssignRole;
use App\Actions\Pictures\DescribePhotos;
use App\Actions\Pictures\HidePhotos;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Pictures\OrderPhotos;
use App\Actions\Pictures\PlaceInStrip;
use App\Actions\Pictures\ReadPhotosAgain;
use App\Actions\Pictures\ReceivePhotos;
use App\Actions\Pictures\RemovePhotos;
use App\Actions\Pictures\ReplacePhoto;
use App\Actions\Pictures\SetCrop;
use App\Actions\Pictures\UnlinkPhotos;
use App\History\Change;
use App\Http\BoardResponder;
use App\Http\Bounds\ListBound;
use App\Http\Person;
use App\Http\Requests\PicturesRequest;
use App\Http\Screens\Pictures\PictureLinks;
use App\Media\CutNotKept;
use App\Media\Incoming\IncomingFile;
use App\Media\PhotoCuts;
use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Media\PictureFormat;
use App\Models\Photo;
use App\Models\Product;
use App\Store\Products\ProductLoader;
use Core\Changes\Pictures\PlaceInGallery;
use Core\Gallery\Crop;
use Core\Gallery\Roles\Role;
use Core\Gallery\Shape;
use Core\Gallery\View as PictureView;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

final class PhotoController
{
    private const YEAR = 31_536_000;

    public function __construct(private readonly BoardResponder $board) {}

    /**
     * In the smallest format that the browser reads. A size that is missing is made again meanwhile; a sign stands in
     * for it.
     */
    public function show(
        Request $request,
        Photo $photo,
        PhotoSize $size,
        PhotoStore $store,
        ReadPhotosAgain $again,
    ): Response {
        $format = PictureFormat::for(implode(',', $request->getAcceptableContentTypes()));
        $response = response('', 200, ['Content-Type' => $format->type(), 'Vary' => 'Accept']);
        $response
            ->setEtag($photo->sha256 . $size->value . $format->value)
            ->setPrivate()
            ->setMaxAge(self::YEAR)
            ->setImmutable();
        if ($response->isNotModified($request)) {
            return $response;
        }
        $bytes = $store->derived($photo, $size, $format);
        if ($bytes === null) {
            $again->missing($photo);

            return response((string) file_get_contents(resource_path('images/being-read.svg')), 200, [
                'Content-Type' => 'image/svg+xml',
                'Cache-Control' => 'no-store',
                'Retry-After' => '5',
            ]);
        }

        return $response->setContent($bytes);
    }

    /** A picture in a shape that a channel uses, cut as its focus and frame say. */
    public function cut(Request $request, Photo $photo, string $shape, PhotoCuts $cuts): Response
    {
        [$name, $crop] = explode('-', $shape . '-', 2);
        $format = PictureFormat::for(implode(',', $request->getAcceptableContentTypes()));
        try {
            $bytes = $cuts->bytes($photo, Shape::from($name), Crop::fromKey(rtrim($crop, '-')), $format);
        } catch (CutNotKept) {
            abort(404);
        }
        if ($bytes === null) {
            // A swatch shows its colors until its piece of the picture is cut.
            $meanwhile =
                Shape::from($name) === Shape::Chip
                    ? '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1 1"/>'
                    : (string) file_get_contents(resource_path('images/being-read.svg'));

            return response($meanwhile, 200, [
                'Content-Type' => 'image/svg+xml',
                'Cache-Control' => 'no-store',
                'Retry-After' => '5',
            ]);
        }

        return response($bytes, 200, ['Content-Type' => $format->type(), 'Vary' => 'Accept'])
            ->setPrivate()
            ->setMaxAge(self::YEAR)
            ->setImmutable();
    }

    /** What of a picture is shown, in every shape; before it is kept as well. */
    public function crop(PicturesRequest $request, Product $product, int $placement, ProductLoader $loader): View
    {
        $loaded = $loader->again($product);
        $row = $loaded->placements[$placement] ?? abort(404);

        return view('board.crop', [
            'product' => $loaded->product,
            'row' => $row,
            'picture' => (new PictureLinks($loaded))->url($row->placement, PhotoSize::Gallery),
            'crop' => $request->crop() ?? Crop::fromKey($row->placement->crop),
        ]);
    }

    public function setCrop(PicturesRequest $request, Product $product, int $placement, SetCrop $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run($request->change(), $placement, $request->crop() ?? Crop::middle()),
        );
    }

    public function readAgain(PicturesRequest $request, ReadPhotosAgain $action): Response
    {
        $action->run(Person::of($request), $request->product(), $request->placementIds());

        return $this->board->fragment($request);
    }

    public function receive(PicturesRequest $request, ReceivePhotos $action): JsonResponse
    {
        $request->validate([
            'files' => ['required', 'array', 'max:' . config('slate.uploads.most_files')],
            'names' => ['nullable', 'array', ListBound::ofTexts(1_000, 1_000)],
        ]);
        $sent = $request->file('files') ?? [];
        $uploads = is_array($sent) ? array_values($sent) : [$sent];
        $view = $request->pictureView();
        $files = array_map(fn(UploadedFile $upload): IncomingFile => $this->incoming($upload, $view), $uploads);
        $receipt = $action->run(
            new Change(Person::of($request), $request->product()->id, null, $request->input('batch')),
            $files,
            $request->onto(),
        );

        return response()->json([
            'taken' => $receipt->taken,
            'known' => $receipt->known,
            'warnings' => $receipt->warnings,
            'refused' => [...$receipt->refused, ...$this->lost($request, $uploads)],
        ]);
    }

    /**
     * PHP passes over what is more than its settings allow without a word, so a page says what it sends.
     *
     * @param  list<UploadedFile>  $uploads
     * @return list<string>
     */
    private function lost(Request $request, array $uploads): array
    {
        $arrived = array_count_values(
            array_map(fn(UploadedFile $file): string => $file->getClientOriginalName(), $uploads),
        );
        $lost = [];
        foreach ($request->array('names') as $name) {
            $arrived[$name] = ($arrived[$name] ?? 0) - 1;
            if ($arrived[$name] < 0) {
                $lost[] = __('answers.name_did_not_arrive_this_server', ['name' => $name]);
            }
        }

        return $lost;
    }

    /** @throws Refusal */
    public function replace(PicturesRequest $request, Product $product, int $placement, ReplacePhoto $action): Response
    {
        $file = $request->file('file');
        if (!($file instanceof UploadedFile)) {
            throw new Refusal(__('answers.choose_the_file_that_takes_its'), RefusalKind::Missing, 'file');
        }

        return $this->board->fragment($request, $action->run($request->change(), $placement, $this->incoming($file)));
    }

    public function link(PicturesRequest $request, LinkPhotos $action): Response
    {
        return $this->board->fragment(
            $request,
            $request->boolean('only')
                ? $action->onlyThere(
                    $request->change(),
                    $request->placementIds(),
                    $request->onto() ?? $request->selection(),
                )
                : $action->run($request->change(), $request->placementIds(), $request->onto() ?? $request->selection()),
        );
    }

    public function unlink(PicturesRequest $request, UnlinkPhotos $action): Response
    {
        return $this->board->fragment(
            $request,
            $request->boolean('everywhere')
                ? $action->everywhere($request->change(), $request->placementIds(), $request->selection())
                : $action->run($request->change(), $request->placementIds(), $request->selection()),
        );
    }

    public function hide(PicturesRequest $request, HidePhotos $action): Response
    {
        return $this->board->fragment(
            $request,
            $request->boolean('again')
                ? $action->showAgain($request->change(), $request->placementIds(), $request->selection())
                : $action->run($request->change(), $request->placementIds(), $request->selection()),
        );
    }

    public function move(PicturesRequest $request, OrderPhotos $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->move(
                $request->change(),
                $request->placementIds()[0] ?? 0,
                $request->selection(),
                $request->integer('to'),
            ),
        );
    }

    /** @throws Refusal */
    public function place(PicturesRequest $request, PlaceInStrip $action): Response
    {
        $onto = $request->onto() ?? throw new Refusal(__('answers.drop_it_on_a_strip'), RefusalKind::Missing, 'onto');

        return $this->board->fragment(
            $request,
            $action->run(
                $request->change(),
                new PlaceInGallery(
                    $request->placementIds()[0] ?? 0,
                    $request->selection(),
                    $onto,
                    $request->integer('to'),
                    $request->boolean('instead'),
                ),
            ),
        );
    }

    public function followShotList(PicturesRequest $request, OrderPhotos $action): Response
    {
        return $this->board->fragment($request, $action->followShotList($request->change()));
    }

    public function matchOthers(PicturesRequest $request, OrderPhotos $action): Response
    {
        return $this->board->fragment($request, $action->matchTo($request->change(), $request->selection()));
    }

    public function view(PicturesRequest $request, DescribePhotos $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->view($request->change(), $request->placementIds(), $request->pictureView()),
        );
    }

    public function altText(PicturesRequest $request, DescribePhotos $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->altText(
                $request->change(),
                $request->placementIds()[0] ?? 0,
                $request->string('text')->toString(),
            ),
        );
    }

    public function role(PicturesRequest $request, AssignRole $action): Response
    {
        $request->validate(['role' => ['required', Rule::enum(Role::class)]]);

        return $this->board->fragment(
            $request,
            $request->boolean('take')
                ? $action->takeAway(
                    $request->change(),
                    $request->placementIds()[0] ?? 0,
                    Role::from($request->string('role')->toString()),
                )
                : $action->run(
                    $request->change(),
                    $request->placementIds()[0] ?? 0,
                    Role::from($request->string('role')->toString()),
                ),
        );
    }

    public function remove(PicturesRequest $request, RemovePhotos $action): Response
    {
        return $this->board->fragment($request, $action->run($request->change(), $request->placementIds()));
    }

    private function incoming(UploadedFile $file, ?PictureView $view = null): IncomingFile
    {
        // A name may come with folders, or with characters that no file system or sheet would keep.
        $name = trim(
            (string) preg_replace(
                '/[\x00-\x1f\x7f|"<>\\\\]+/u',
                ' ',
                basename(str_replace('\\', '/', $file->getClientOriginalName())),
            ),
        );

        return new IncomingFile(
            $file->isValid() ? (string) $file->getRealPath() : '',
            $name === '' ? 'picture' : $name,
            view: $view,
        );
    }
}
