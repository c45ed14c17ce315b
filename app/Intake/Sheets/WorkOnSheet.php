<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Intake\IncomingParts;
use App\Media\WorkFolder;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use App\Refusals\PhotoRefused;
use Core\Refusal;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Reads, sorts and vets a sheet in the queue, some way at a time. Broken off, it goes on where it was. */
final class WorkOnSheet implements ShouldQueue
{
    use Queueable;

    /** Seconds; then other work comes in between. */
    private const MOST_SECONDS = 10.0;

    /** Seconds after which nobody is at work on a sheet that has not gone on. */
    private const FORGOTTEN = 120;

    public int $tries = 3;

    public int $timeout = 600;

    public function __construct(private readonly int $sheetId) {}

    /** Has those go on again whose worker died. */
    public static function resumeAbandoned(): void
    {
        $atWork = array_filter(SheetState::cases(), fn(SheetState $state): bool => $state->isAtWork());
        foreach (
            Sheet::query()
                ->whereIn('state', $atWork)
                ->where('beat_at', '<', now()->subSeconds(self::FORGOTTEN))
                ->get()
            as $sheet
        ) {
            $sheet->update(['beat_at' => now()]);
            self::dispatch($sheet->id);
        }
    }

    public function handle(
        SheetReading $reading,
        SheetSorting $sorting,
        SheetVetting $vetting,
        IncomingParts $parts,
        WorkFolder $folders,
    ): void {
        $end = microtime(true) + self::MOST_SECONDS;
        $sheet = Sheet::with('file')->find($this->sheetId);
        while ($sheet !== null && $sheet->state->isAtWork()) {
            try {
                match ($sheet->state) {
                    SheetState::Reading => $folders->within(
                        fn(string $folder) => $this->read($sheet, $reading, $parts, $folder),
                    ),
                    SheetState::Sorting => $sorting->sort($sheet),
                    default => $vetting->advance($sheet),
                };
            } catch (Refusal | PhotoRefused $fault) {
                $sheet->update([
                    'state' => SheetState::Failed,
                    'failure' => mb_strimwidth($fault->getMessage(), 0, 400, '…'),
                ]);
            }
            if (microtime(true) >= $end && $sheet->state->isAtWork()) {
                self::dispatch($this->sheetId);

                return;
            }
        }
    }

    private function read(Sheet $sheet, SheetReading $reading, IncomingParts $parts, string $folder): void
    {
        $file = $sheet->file ?? throw new Refusal("The file of {$sheet->name} is not there any more. Bring it again.");
        $reading->read($sheet, $parts->joined($file, $folder));
        $parts->forget($file);
    }
}
