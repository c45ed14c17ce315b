<?php

declare(strict_types=1);

namespace App\Media;

use App\Media\Looks\NearDoubles;
use App\Media\Looks\PhotoLooks;
use App\Media\Marks\MarksOfPhotos;
use App\Models\Photo;
use App\Models\PhotoState;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use League\Flysystem\FilesystemException;
use Throwable;

/** Makes the sizes of one picture and measures it, in the queue. Running it again does no harm. */
final class DerivePhoto implements ShouldQueue
{
    use Queueable;

    /** What the server lacks is waited for, however often. */
    public int $tries = 0;

    public int $maxExceptions = 3;

    /** Longer than the reader's own limit on the clock. */
    public int $timeout = 90;

    private const FIRST_PAUSE = 15;

    private const LONGEST_PAUSE = 600;

    private const TRIES = 3;

    public function __construct(public readonly int $photoId) {}

    public function handle(PhotoStore $store, PictureReader $reader): void
    {
        $photo = Photo::query()->findOrFail($this->photoId);
        if ($photo->state === PhotoState::Ready) {
            return;
        }
        try {
            $read = $reader->read($photo, $store->disk());
            $this->keep($store, $photo, $read);
            PhotoLooks::keep($photo, $read->look);
            NearDoubles::note($photo, $read->look);
            MarksOfPhotos::keep($photo, $read->marks);
            DB::transaction(function () use ($photo, $read): void {
                $photo->update([
                    'state' => PhotoState::Ready,
                    'failure' => null,
                    'read_milliseconds' => $read->milliseconds,
                    'read_kilobytes' => $read->kilobytes,
                ]);
                event(new PhotosRead([$photo->id]));
            }, self::TRIES);
        } catch (PictureFault $fault) {
            $this->say($photo, $fault);
        } catch (QueryException $away) {
            throw $away;
        } catch (Throwable $error) {
            report($error);
            $this->say($photo, PictureFault::ours($error->getMessage()));
        }
    }

    /** Tells why there are no sizes; what is not the file's fault is tried again, after pauses that grow. */
    private function say(Photo $photo, PictureFault $fault): void
    {
        $level = $fault->isOurs ? 'error' : 'warning';
        Log::log($level, "Picture {$photo->id}: {$fault->getMessage()}", ['cause' => $fault->cause]);
        $photo->update(['state' => $fault->state, 'failure' => $fault->getMessage()]);
        if ($fault->state === PhotoState::Waiting) {
            $this->release(min(self::LONGEST_PAUSE, self::FIRST_PAUSE * 2 ** min(10, $this->attempts() - 1)));
        }
    }

    /** Whoever tends the queue takes it up again later. */
    public function failed(Throwable $cause): void
    {
        $fault = PictureFault::ours($cause->getMessage());
        Photo::query()
            ->whereKey($this->photoId)
            ->update(['state' => $fault->state, 'failure' => $fault->getMessage()]);
    }

    /** @throws PictureFault */
    private function keep(PhotoStore $store, Photo $photo, ReadPicture $read): void
    {
        try {
            foreach ($read->sizes as $size => $formats) {
                foreach ($formats as $format => $bytes) {
                    $store->write(
                        PhotoStore::derivedPath($photo->sha256, PhotoSize::from($size), PictureFormat::from($format)),
                        $bytes,
                    );
                }
            }
        } catch (FilesystemException $fault) {
            throw PictureFault::lacking('room on disk', $fault->getMessage());
        }
    }
}
