<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\DropTransaction;
use App\Intake\IncomingParts;
use App\Intake\ReadDrop;
use App\Intake\Table\DropTables;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\User;
use Core\Matching\Drop\DropFileStatus;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Puts pictures of a drop aside that belong to nothing here, takes them up again, or gives up waiting for what never
 * arrived.
 */
final class SetAside
{
    public function __construct(
        private readonly DropTables $tables,
        private readonly DropTransaction $keeper,
        private readonly IncomingParts $parts,
    ) {}

    /** @param  list<int>  $ids */
    public function run(User $user, Drop $drop, array $ids): void
    {
        $this->keeper->keep($user, $drop, function () use ($drop, $ids): string {
            $files = $this->tables->some($drop, $ids)->openOnes($ids);
            DropFile::query()
                ->whereKey(array_keys($files))
                ->update(['state' => DropFileState::Aside]);

            return 'Put ' . ReadDrop::named($files) . ' aside';
        });
    }

    /**
     * @param  list<int>  $ids
     *
     * @throws Refusal
     */
    public function takeUp(User $user, Drop $drop, array $ids): void
    {
        $this->keeper->keep($user, $drop, function () use ($drop, $ids): string {
            $files = array_intersect_key(
                $this->tables->some($drop, $ids)->withStatus(DropFileStatus::Aside),
                array_flip($ids),
            );
            if (count($files) !== count($ids) || $ids === []) {
                throw new Refusal('Not all of these are put aside. Look at the table again.', RefusalKind::Changed);
            }
            DropFile::query()
                ->whereKey($ids)
                ->update(['state' => DropFileState::Stored]);

            return 'Took ' . ReadDrop::named($files) . ' up again';
        });
    }

    /** What has not arrived is waited for no longer; what was refused is struck from the list. */
    public function forgetMissing(User $user, Drop $drop): void
    {
        $this->keeper->keep($user, $drop, function () use ($drop): string {
            $archives = DropFile::query()
                ->where('drop_id', $drop->id)
                ->whereNotNull('archive_id')
                ->distinct()
                ->pluck('archive_id')
                ->all();
            $files = DropFile::query()
                ->where('drop_id', $drop->id)
                ->whereIn('state', [DropFileState::Arriving, DropFileState::Refused])
                ->whereKeyNot($archives)
                ->get();
            $files->each($this->parts->forget(...));
            DropFile::query()->whereKey($files->modelKeys())->delete();

            return 'Struck ' .
                number_format($files->count()) .
                ($files->count() === 1 ? ' file that' : ' files that') .
                ' did not come in';
        });
    }
}
