<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Actions\Batches\SteerBatch;
use App\Batches\BatchRunner;
use App\Intake\DropTransaction;
use App\Models\Drop;
use App\Models\User;

/** Takes back what was accepted of a drop in one act, or makes it again. */
final class UndoAccepted
{
    public function __construct(
        private readonly DropTransaction $keeper,
        private readonly SteerBatch $steer,
        private readonly BatchRunner $runner,
    ) {}

    public function undo(User $user, Drop $drop, string $batchId): void
    {
        $this->keeper->keep($user, $drop, fn(): string => "Undone: {$this->steer->undo($user, $batchId)->words}");
        $this->runner->begin($batchId);
    }

    public function redo(User $user, Drop $drop, string $batchId): void
    {
        $this->keeper->keep($user, $drop, fn(): string => "Made again: {$this->steer->redo($user, $batchId)->words}");
        $this->runner->begin($batchId);
    }
}
