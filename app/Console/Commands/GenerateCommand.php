<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\GivenTexts;
use Database\Seeders\LargeCatalog;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;

final class GenerateCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:generate {--products=1000} {--skus=10000 : In all} {--pictures=10 : For each product, shared from those that are there} {--seed=1}';

    protected $description = 'Adds many invented products, to try and to measure with';

    public function handle(): int
    {
        DB::connection()->disableQueryLog();
        $numbers = array_map(fn(string $option): string => (string) $this->optional($option), [
            'products',
            'skus',
            'pictures',
            'seed',
        ]);
        if (array_filter($numbers, fn(string $number): bool => !ctype_digit($number)) !== [] || (int) $numbers[0] < 1) {
            $this->error('--products, --skus, --pictures and --seed want whole numbers.');

            return self::INVALID;
        }
        $bar = $this->output->createProgressBar((int) $numbers[0]);
        try {
            LargeCatalog::make(
                (int) $numbers[0],
                (int) $numbers[1],
                (int) $numbers[2],
                (int) $numbers[3],
                $bar->setProgress(...),
            );
        } catch (RuntimeException $fault) {
            $this->error($fault->getMessage());

            return self::FAILURE;
        }
        $bar->clear();
        $this->info('Made. They are counted now.');

        return $this->call('slate:recount', ['--waiting' => true]);
    }
}
