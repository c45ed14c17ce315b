<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Summaries\Summaries;
use App\Summaries\Totals;
use Illuminate\Console\Command;

final class RecountCommand extends Command
{
    protected $signature = 'slate:recount {--waiting : Only what has changed since it was counted}';

    protected $description = 'Counts all products anew: what the catalog lists, filters and sorts by';

    public function handle(Summaries $summaries): int
    {
        if (!$this->option('waiting')) {
            Summaries::forgetAll();
        }
        $waiting = Summaries::waiting();
        $bar = $this->output->createProgressBar($waiting);
        do {
            $counted = $summaries->countSome();
            $bar->advance($counted);
        } while ($counted === Summaries::CHUNK);
        $bar->clear();
        Totals::rebuild();
        $failed = $summaries->failed();
        $this->info(number_format($waiting - $failed) . ' products counted.');
        if ($failed > 0) {
            $this->error(
                number_format($failed) .
                    ' could not be counted; the log says why. They are tried again with the next change.',
            );
        }

        return $failed === 0 ? self::SUCCESS : self::FAILURE;
    }
}
