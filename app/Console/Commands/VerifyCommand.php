<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\Damage;
use App\Backup\Verification;
use Illuminate\Console\Command;

final class VerifyCommand extends Command
{
    protected $signature = 'slate:verify {--mend : Mend what can be} {--json : Print the findings as JSON}';

    protected $description = 'Looks whether every kept file is there with its checksum, every size of it, and every row’s owner';

    public function handle(Verification $verification): int
    {
        $findings = iterator_to_array($verification->run((bool) $this->option('mend')), false);
        if ($this->option('json')) {
            $this->line(
                (string) json_encode(
                    array_map(
                        fn(Damage $finding): array => [
                            'what' => $finding->what,
                            'place' => $finding->place,
                            'mended' => $finding->isMended,
                        ],
                        $findings,
                    ),
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES,
                ),
            );
        } elseif ($findings === []) {
            $this->line('All is there, and is what it was.');
        } else {
            $this->table(
                ['What', 'Where', ''],
                array_map(
                    fn(Damage $finding): array => [$finding->what, $finding->place, $finding->isMended ? 'mended' : ''],
                    $findings,
                ),
            );
        }

        return array_filter($findings, fn(Damage $finding): bool => !$finding->isMended) === [] ? 0 : 1;
    }
}
