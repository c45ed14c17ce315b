<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Ledger\RecordedChanges;
use App\Media\SweepPhoto;
use App\Models\Banner;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\HistoryEntry;
use App\Models\Photo;
use App\Store\Library\SwatchUses;
use App\Store\Products\PictureUses;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;

/** Removes stored pictures for good that no product has: their rows at once, their files after. It cannot be undone. */
final class RemoveStored
{
    private const NAMED = 5;

    public function __construct(private readonly UnitOfWork $work) {}

    /**
     * @param  array<int, string>  $photos  id => what it is called
     *
     * @throws Refusal
     */
    public function run(Change $change, array $photos): ?HistoryEntry
    {
        if ($photos === []) {
            throw new Refusal('Mark the pictures that are to go.', RefusalKind::Missing, 'photos');
        }

        return DB::transaction(function () use ($change, $photos): ?HistoryEntry {
            $entry = $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($photos): string {
                $rows = Photo::query()
                    ->whereKey(array_keys($photos))
                    ->lockForUpdate()
                    ->get(['id', 'sha256', 'type']);
                $this->refuseUsed(array_intersect_key($photos, $rows->keyBy('id')->all()));
                DropFile::query()
                    ->whereIn('photo_id', $rows->modelKeys())
                    ->update([
                        'photo_id' => null,
                        'state' => DropFileState::Refused,
                        'remark' => 'This picture was removed for good. Drop it again if it is needed.',
                    ]);
                $ledger->delete('photos', array_values($rows->map(fn(Photo $photo): int => $photo->id)->all()));
                foreach ($rows as $row) {
                    SweepPhoto::dispatch($row->sha256, $row->type)->afterCommit();
                }
                $names = array_slice(array_values($photos), 0, self::NAMED);
                $more = $rows->count() - count($names);

                return 'Removed for good: ' . implode(', ', $names) . ($more > 0 ? " and {$more} more" : '');
            });
            if ($entry !== null) {
                // The files go; what cannot come back is not offered to be undone.
                RecordedChanges::forget([$entry->id]);
                $entry->update(['is_final' => true]);
            }

            return $entry;
        });
    }

    /** @param  array<int, string>  $photos */
    private function refuseUsed(array $photos): void
    {
        $banner = Banner::query()->whereIn('photo_id', array_keys($photos))->first();
        if ($banner !== null) {
            throw new Refusal(
                "{$photos[$banner->photo_id]} stays: it is the banner of the {$banner->kind->inWords()} {$banner->name}. Give that another first.",
                RefusalKind::Impossible,
                'photos',
            );
        }
        foreach (SwatchUses::of(array_keys($photos)) as $id => $swatches) {
            throw new Refusal(
                "{$photos[$id]} stays: the swatch of {$swatches[0]} is a piece of it. Give that another first.",
                RefusalKind::Impossible,
                'photos',
            );
        }
        foreach (PictureUses::of(array_keys($photos)) as $id => $uses) {
            $use = $uses[0];
            throw new Refusal(
                "{$photos[$id]} stays: {$use->product} has it" .
                    ($use->isRemoved ? ', whose making was undone and may be made again' : '') .
                    '. Remove it there first.',
                RefusalKind::Impossible,
                'photos',
            );
        }
    }
}
