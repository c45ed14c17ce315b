<?php

declare(strict_types=1);

namespace App\Intake;

use App\Media\Incoming\IncomingFile;
use App\Media\Incoming\WrittenWords;
use App\Media\PhotoStore;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Refusals\PhotoRefused;

/** Takes in one picture of a drop that lies whole on this machine, or says why it cannot be taken. */
final class Arrival
{
    public function __construct(private readonly PhotoStore $store) {}

    public function take(DropFile $file, string $path): void
    {
        try {
            $taken = $this->store->take(new IncomingFile($path, $file->file));
            $written = WrittenWords::of($path);
            $file->update([
                'state' => DropFileState::Stored,
                'photo_id' => $taken->photo->id,
                'remark' => $taken->hasMoreFrames ? 'Its first picture; the file holds more.' : '',
                'title' => mb_strimwidth($written->title, 0, 300, '…'),
                'keywords' => mb_strimwidth($written->keywords, 0, 600, '…'),
            ]);
        } catch (PhotoRefused $refusal) {
            self::refuse($file, $refusal->getMessage());
        }
    }

    public static function refuse(DropFile $file, string $why): void
    {
        $file->update(['state' => DropFileState::Refused, 'remark' => mb_strimwidth($why, 0, 400, '…')]);
    }
}
