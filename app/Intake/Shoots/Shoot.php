<?php

declare(strict_types=1);

namespace App\Intake\Shoots;

use App\Models\Drop;
use App\Models\DropFile;
use Core\Gallery\Views;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Shoots\Plan\ShootPlan;

/** The pictures of a drop that are told by how they were taken, as they are laid out. */
final readonly class Shoot
{
    /**
     * @param  array<int, DropFile>  $files  those that are still to be settled, by id
     * @param  array<int, KnownProduct>  $products  of its series, by id
     * @param  Views  $views  that the shop knows
     * @param  int  $beyond  pictures that it has no room for
     */
    public function __construct(
        public Drop $drop,
        public ShootPlan $plan,
        public array $files,
        public array $products,
        public Views $views,
        public bool $isMoved,
        public int $beyond = 0,
    ) {}

    public function token(): string
    {
        return KeptPlans::token($this->plan);
    }
}
