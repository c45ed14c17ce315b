<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Product;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'slate:demo {--accounts : Only the demo accounts}';

    protected $description = 'Loads the demo shop into an empty catalog';

    public function handle(): int
    {
        DemoSeeder::accounts();
        if ($this->option('accounts') || Product::query()->exists()) {
            return 0;
        }
        // The pictures are made ready before the first look.
        config(['queue.default' => 'sync']);
        $this->call('db:seed', ['--class' => DemoSeeder::class, '--force' => true]);

        return 0;
    }
}
