<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use Core\Sheets\Reading\EmptyCells;

/** Takes in a file of a drop that is a sheet: it is read in the queue, and has a page of its own. */
final readonly class SheetArrival
{
    public function take(DropFile $file): Sheet
    {
        $file->update(['state' => DropFileState::Sheet]);
        $drop = Drop::query()->findOrFail($file->drop_id);
        $sheet = Sheet::query()->create([
            'user_id' => $drop->user_id,
            'drop_file_id' => $file->id,
            'name' => mb_substr($file->file, 0, 200),
            'sender' => $drop->sender,
            'state' => SheetState::Reading,
            'layout' => [],
            'terms' => (new TermsRecord(EmptyCells::Keep, [], []))->encode(),
            'notes' => [],
            'through' => 0,
            'created_at' => now(),
            'beat_at' => now(),
        ]);
        WorkOnSheet::dispatch($sheet->id)->afterCommit();

        return $sheet;
    }
}
