<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Drop;
use App\Models\DropFileState;
use App\Models\PhotoState;
use Illuminate\Support\Facades\DB;

/**
 * A short text that is another whenever something of a drop has moved by itself: files arrived, pictures were measured,
 * linking went on. Reading a drop of thousands takes seconds; asking for this does not.
 */
final class DropFingerprint
{
    /** Seconds since a file was announced or grew, in which more of it may come. */
    public const STILL_SENT = 60;

    public static function of(Drop $drop): string
    {
        $files = DB::table('drop_files')
            ->where('drop_files.drop_id', $drop->id)
            ->leftJoin('photos', 'photos.id', '=', 'drop_files.photo_id')
            ->leftJoin('photo_looks', 'photo_looks.photo_id', '=', 'drop_files.photo_id')
            ->selectRaw(
                'count(*) as files, sum(drop_files.received) as bytes, max(drop_files.updated_at) as latest,' .
                    ' bit_xor(crc32(concat_ws("|", drop_files.id, drop_files.state, drop_files.batch_id,' .
                    ' drop_files.said_product_id, drop_files.said_view))) as settled,' .
                    ' sum(drop_files.state = ? and drop_files.updated_at > ?) as coming,' .
                    ' sum(photos.state = ?) as ready, count(photo_looks.photo_id) as measured,' .
                    ' max(photos.updated_at) as derived',
                [DropFileState::Arriving->value, now()->subSeconds(self::STILL_SENT), PhotoState::Ready->value],
            )
            ->first();
        $linked = LinkingState::files()
            ->where('drop_files.drop_id', $drop->id)
            ->whereNotNull('drop_files.batch_id')
            ->groupBy('linking', 'is_undone')
            ->orderBy('linking')
            ->orderBy('is_undone')
            ->selectRaw('count(*) as files, ' . LinkingState::COLUMNS)
            ->get()
            ->all();

        return hash('xxh64', json_encode([$files, $linked], JSON_THROW_ON_ERROR));
    }
}
