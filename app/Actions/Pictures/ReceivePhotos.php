<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Media\Incoming\IncomingFile;
use App\Media\Incoming\Receipt;
use App\Media\Incoming\TakenPhoto;
use App\Media\PhotoStore;
use App\Refusals\PhotoRefused;
use App\Store\Words\NameWarnings;
use Core\Changes\Pictures\ArrivingPicture;
use Core\Changes\Pictures\TakeInPictures;
use Core\Product\Product;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Illuminate\Support\Facades\Gate;

/**
 * Takes in picture files: each is checked, stored once, and put into the product's tray, or linked at once to where it
 * was dropped.
 */
final class ReceivePhotos
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly PhotoStore $store,
        private readonly NameWarnings $warnings,
    ) {}

    /**
     * @param  list<IncomingFile>  $files
     * @param  ?Selection  $onto  a part of the matrix to link them to
     */
    public function run(Change $change, array $files, ?Selection $onto = null): Receipt
    {
        Gate::forUser($change->user)->authorize('edit');
        $photos = [];
        $refusals = [];
        foreach ($files as $at => $file) {
            try {
                $photos[$at] = $this->store->take($file);
            } catch (PhotoRefused $refusal) {
                $refusals[] = $refusal->getMessage();
            }
        }
        $arriving = array_map(
            fn(TakenPhoto $took, int $at): ArrivingPicture => new ArrivingPicture(
                $took->photo->id,
                $files[$at]->name,
                $files[$at]->reach ?? Reach::nothing(),
                $files[$at]->view,
            ),
            $photos,
            array_keys($photos),
        );
        $wanted = new TakeInPictures($arriving, $onto);
        $taken = $known = $warnings = [];
        $productId = $change->productId;
        $told = function (Product $product) use (
            $productId,
            $wanted,
            $photos,
            $files,
            $onto,
            &$taken,
            &$known,
            &$warnings,
        ): void {
            [$taken, $known] = $this->told($product, $wanted->names($product), $photos, $files);
            $names = array_map(fn(int $at): string => $files[$at]->name, array_keys($photos));
            $warnings = $onto === null ? [] : $this->warnings->of((int) $productId, $names, $product->selected($onto));
        };
        $this->work->change($change, self::class, $wanted, $told);

        return new Receipt($taken, $known, $refusals, $warnings);
    }

    /**
     * @param  list<string>  $names  that they get, or have there already
     * @param  array<int, TakenPhoto>  $photos
     * @param  list<IncomingFile>  $files
     * @return array{list<string>, list<string>} what is said of those that are new, and of the others
     */
    private function told(Product $product, array $names, array $photos, array $files): array
    {
        $here = array_column($product->state->pictures, 'file', 'photoId');
        $taken = $known = $met = [];
        foreach (array_keys($photos) as $place => $at) {
            [$photo, $file, $name] = [$photos[$at]->photo, $files[$at]->name, $names[$place]];
            if (isset($here[$photo->id]) || isset($met[$photo->id])) {
                $known[] =
                    "{$file} is here already" .
                    ($name === $file ? '' : ", as {$name}") .
                    ($photo->wasChanged('state') ? '; it is read again.' : '.');
            } else {
                $met[$photo->id] = true;
                $taken[] =
                    ($name === $file ? $file : "{$file} (as {$name}: another picture has its name)") .
                    ($photos[$at]->hasMoreFrames ? ' (its first picture; it holds more)' : '');
            }
        }

        return [$taken, $known];
    }
}
