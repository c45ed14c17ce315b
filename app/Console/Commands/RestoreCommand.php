<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\Restore;
use App\Console\GivenTexts;
use App\Refusals\BackupFault;
use Illuminate\Console\Command;

final class RestoreCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:restore {folder : A folder that slate:backup wrote}';

    protected $description = 'Brings a backup into an empty catalog';

    public function handle(Restore $restore): int
    {
        try {
            $manifest = $restore->from(rtrim($this->text('folder'), '/'));
        } catch (BackupFault $fault) {
            $this->components->error($fault->getMessage());

            return 2;
        }
        $this->line(
            "Restored what was kept at {$manifest->madeAt}: the database and " .
                count($manifest->photos) .
                ' pictures. Their sizes are made by the queue; “slate:verify” says when all is there.',
        );

        return 0;
    }
}
