<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\BatchProductState;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What became of the batch that a file of a drop was accepted with: the one place that says whether it is linked. */
final readonly class LinkingState
{
    public const COLUMNS = 'batch_products.state as linking, history.undone_at is not null as is_undone';

    private function __construct(private ?BatchProductState $state, private bool $isUndone) {}

    /** Files of drops, each with its linking. */
    public static function files(): Builder
    {
        return DB::table('drop_files')
            ->leftJoin(
                'batch_products',
                fn($join) => $join
                    ->on('batch_products.batch_id', '=', 'drop_files.batch_id')
                    ->on('batch_products.product_id', '=', 'drop_files.to_product_id'),
            )
            ->leftJoin('history', 'history.id', '=', 'batch_products.history_id');
    }

    /** @param  ?stdClass  $row  with COLUMNS; null for a file that was never accepted */
    public static function of(?stdClass $row): self
    {
        return new self(BatchProductState::tryFrom((string) $row?->linking), (bool) $row?->is_undone);
    }

    /** Whether the product shows it so. */
    public function isStanding(): bool
    {
        return $this->state === BatchProductState::Same ||
            (in_array($this->state, [BatchProductState::Changed, BatchProductState::Stands], true) && !$this->isUndone);
    }

    public function isUnderway(): bool
    {
        return in_array($this->state, [BatchProductState::Waiting, BatchProductState::Vetted], true);
    }

    public function isRefused(): bool
    {
        return $this->state === BatchProductState::Refused;
    }
}
