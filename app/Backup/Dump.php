<?php

declare(strict_types=1);

namespace App\Backup;

use App\Media\Streams;
use App\Refusals\BackupFault;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** The database as one file of SQL, by MariaDB's own tools: as it stood at one moment, while people work. */
final class Dump
{
    /** What is of the moment only. */
    private const WITHOUT_ROWS = ['cache', 'cache_locks', 'sessions', 'account_sessions'];

    private const SECONDS = 3600;

    /** @throws BackupFault */
    public function write(string $file): void
    {
        // For its owner alone, from the first byte on.
        touch($file);
        chmod($file, 0o600);
        $database = DB::connection()->getDatabaseName();
        $without = array_map(
            fn(string $table): string => "--ignore-table-data={$database}.{$table}",
            self::WITHOUT_ROWS,
        );
        $this->run(
            [
                'mariadb-dump',
                ...$this->connection(),
                '--single-transaction',
                '--quick',
                '--hex-blob',
                '--skip-comments',
                '--result-file=' . $file,
                ...$without,
                $database,
            ],
            null,
        );
    }

    /** @throws BackupFault */
    public function read(string $file): void
    {
        $input = Streams::read($file);
        try {
            $this->run(['mariadb', ...$this->connection(), DB::connection()->getDatabaseName()], $input);
        } finally {
            fclose($input);
        }
    }

    /** @return list<string> */
    private function connection(): array
    {
        $config = DB::connection()->getConfig();
        $address =
            ($config['unix_socket'] ?? '') !== ''
                ? ['--socket=' . $config['unix_socket']]
                : ['--protocol=tcp', '--host=' . $config['host'], '--port=' . $config['port']];

        return [
            '--no-defaults',
            ...$address,
            '--user=' . $config['username'],
            '--default-character-set=utf8mb4',
            '--max-allowed-packet=64M',
        ];
    }

    /**
     * @param  list<string>  $command
     * @param  ?resource  $input
     */
    private function run(array $command, mixed $input): void
    {
        $process = new Process(
            $command,
            null,
            ['MYSQL_PWD' => (string) DB::connection()->getConfig('password')],
            $input,
            self::SECONDS,
        );
        if ($process->run() !== 0) {
            throw new BackupFault("{$command[0]} says: " . trim($process->getErrorOutput()));
        }
    }
}
