<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use App\Models\User;

/** A sheet that lies on this machine, read, sorted and vetted at once. */
final readonly class SheetFromFile
{
    public function __construct(
        private SheetReading $reading,
        private SheetSorting $sorting,
        private SheetVetting $vetting,
        private SheetLayouts $layouts,
    ) {}

    /**
     * @param  array<string, string>  $map  header in the sheet => header of the field; empty for left alone
     */
    public function vetted(User $user, string $path, TermsRecord $terms, array $map): Sheet
    {
        $sheet = Sheet::query()->create([
            'user_id' => $user->id,
            'name' => mb_substr(basename($path), 0, 200),
            'sender' => '',
            'through' => 0,
            'state' => SheetState::Reading,
            'layout' => [],
            'terms' => $terms->encode(),
            'notes' => [],
            'created_at' => now(),
            'beat_at' => now(),
        ]);
        $this->reading->read($sheet, $path);
        if ($map !== []) {
            $this->layouts->map($sheet, $map);
            $this->sorting->sort($sheet);
        }
        while ($this->vetting->advance($sheet)) {
            // Some products at a time, until all have a verdict.
        }

        return $sheet;
    }
}
