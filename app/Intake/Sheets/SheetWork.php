<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Intake\IncomingParts;
use App\Media\WorkFolder;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use App\Refusals\PhotoRefused;
use Core\Refusal;
use Core\RefusalKind;

/** Takes a sheet through reading, sorting and vetting, some way at a time. */
final readonly class SheetWork
{
    /** Seconds: a small sheet is through before its page is drawn. */
    private const A_MOMENT = 1.5;

    /** Rows that can be sorted anew while somebody waits for the page. */
    private const MOST_WAITED_FOR = 5_000;

    public function __construct(
        private SheetReading $reading,
        private SheetSorting $sorting,
        private SheetVetting $vetting,
        private IncomingParts $parts,
        private WorkFolder $folders,
    ) {}

    /** Goes as far as is gone in a moment; the queue does the rest. */
    public function begin(Sheet $sheet): void
    {
        if ($sheet->rows > self::MOST_WAITED_FOR || $this->advance($sheet, self::A_MOMENT)) {
            WorkOnSheet::dispatch($sheet->id)->afterCommit();
        }
    }

    /**
     * @param  float  $seconds  after which it comes back
     * @return bool whether there is more to do
     */
    public function advance(Sheet $sheet, float $seconds): bool
    {
        $end = microtime(true) + $seconds;
        while ($sheet->state->isAtWork()) {
            try {
                $this->step($sheet);
            } catch (Refusal | PhotoRefused $fault) {
                $sheet->update([
                    'state' => SheetState::Failed,
                    'failure' => mb_strimwidth($fault->getMessage(), 0, 400, '…'),
                ]);
            }
            if (microtime(true) >= $end) {
                return $sheet->state->isAtWork();
            }
        }

        return false;
    }

    private function step(Sheet $sheet): void
    {
        match ($sheet->state) {
            SheetState::Reading => $this->folders->within(fn(string $folder) => $this->read($sheet, $folder)),
            SheetState::Sorting => $this->sorting->sort($sheet),
            default => $this->vetting->advance($sheet),
        };
    }

    private function read(Sheet $sheet, string $folder): void
    {
        $file =
            $sheet->file ??
            throw new Refusal("The file of {$sheet->name} is not there any more. Bring it again.", RefusalKind::Gone);
        $this->reading->read($sheet, $this->parts->joined($file, $folder));
        $this->parts->forget($file);
    }
}
