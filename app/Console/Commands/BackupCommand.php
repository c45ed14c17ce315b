<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\Backup;
use App\Console\GivenTexts;
use App\Refusals\BackupFault;
use Illuminate\Console\Command;

final class BackupCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:backup {folder : Where to; it must not be there yet} {--json : Print what was written as JSON}';

    protected $description = 'Writes the database and all original pictures into a folder, while people work';

    public function handle(Backup $backup): int
    {
        try {
            [$manifest, $lost] = $backup->into(rtrim($this->text('folder'), '/'));
        } catch (BackupFault $fault) {
            $this->components->error($fault->getMessage());

            return 2;
        }
        if ($this->option('json')) {
            $this->line(
                (string) json_encode(
                    ['folder' => $this->text('folder'), 'photos' => count($manifest->photos), 'lost' => $lost],
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES,
                ),
            );
        } else {
            $this->line("{$this->text('folder')}: the database and " . count($manifest->photos) . ' pictures');
            foreach ($lost as $file) {
                $this->warn("{$file} is missing in the store, or is not what it was: it is not in the backup.");
            }
        }

        return $lost === [] ? 0 : 1;
    }
}
