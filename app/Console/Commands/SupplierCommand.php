<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\GivenTexts;
use Illuminate\Console\Command;
use Symfony\Component\Process\Process;

/** Serves the stand-in supplier on loopback: a price list, its pictures, and addresses that behave badly. */
final class SupplierCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:supplier {--port=8095 : Where on 127.0.0.1 it is served}';

    protected $description = 'Serves a simulated supplier whose price list names pictures by their addresses';

    public function handle(): int
    {
        $port = (int) $this->optional('port');
        if ($port < 1_024 || $port > 65_535) {
            $this->components->error('Name a port from 1024 to 65535.');

            return self::INVALID;
        }
        $this->line("The supplier is at http://127.0.0.1:{$port}/price-list.csv until Ctrl-C.");
        $this->line("Its pictures are fetched where SUPPLIER_ADDRESS=127.0.0.1:{$port} is set for server and worker.");
        $process = new Process([PHP_BINARY, '-S', "127.0.0.1:{$port}", base_path('bin/supplier.php')], timeout: null);
        $process->run();
        $this->components->error(trim($process->getErrorOutput()));

        return self::FAILURE;
    }
}
