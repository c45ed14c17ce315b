<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\Intake\StartImport;
use App\Batches\BatchRunner;
use App\Intake\Sheets\SheetFromFile;
use App\Intake\Sheets\TermsRecord;
use App\Models\Batch;
use App\Models\Sheets\Sheet;
use App\Models\User;
use Core\Sheets\Reading\EmptyCells;

/** Sheets as tests bring them in. */
final class Sheets
{
    /** A sheet of these bytes, read and vetted. */
    public static function vetted(
        User $user,
        string $bytes,
        string $name = 'sheet.csv',
        EmptyCells $empty = EmptyCells::Keep,
    ): Sheet {
        $folder = sys_get_temp_dir() . '/' . uniqid('sheet');
        mkdir($folder);
        file_put_contents("{$folder}/{$name}", $bytes);
        try {
            return app(SheetFromFile::class)->vetted($user, "{$folder}/{$name}", new TermsRecord($empty, [], []), []);
        } finally {
            unlink("{$folder}/{$name}");
            rmdir($folder);
        }
    }

    /** Everything sound of it is in the catalog then. */
    public static function imported(User $user, Sheet $sheet): Batch
    {
        $batch = app(StartImport::class)->run($user, $sheet);
        while (app(BatchRunner::class)->advance($batch->id, 600)) {
            // Until nothing is left.
        }

        return $batch->refresh();
    }
}
