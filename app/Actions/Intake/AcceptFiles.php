<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Actions\Batches\StartBatch;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Batches\BatchRunner;
use App\Intake\Acceptance;
use App\Intake\DropTransaction;
use App\Intake\PointedPlace;
use App\Intake\ReadDrop;
use App\Intake\ReadFile;
use App\Intake\Table\DropTables;
use App\Models\Batch;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Product;
use App\Models\User;
use App\Store\Clauses;
use App\Store\Products\ProductLoader;
use Closure;
use Core\Gallery\View;
use Core\Matching\Drop\DropPicture;
use Core\Matching\Drop\DuplicateCandidate;
use Core\Matching\Drop\LinkOrder;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Accepts pictures of a drop: as they are read, or for a part of a product that somebody points at. All of one act are
 * one batch, undone in one.
 */
final class AcceptFiles
{
    private const CHUNK = 500;

    public function __construct(
        private readonly DropTables $tables,
        private readonly DropTransaction $keeper,
        private readonly ProductLoader $loader,
        private readonly StartBatch $start,
        private readonly BatchRunner $runner,
    ) {}

    /**
     * @param  array<int, string>  $seen  file id => what the page showed of its reading (ReadFile::seen())
     *
     * @throws Refusal where one of them is read differently by now
     */
    public function asRead(User $user, Drop $drop, array $seen): Batch
    {
        return $this->accept(
            $user,
            $drop,
            array_keys($seen),
            fn(ReadDrop $read): array => $this->acceptances($read, $seen, fn(): ?DuplicateCandidate => null),
            'Linked',
        );
    }

    /**
     * Each takes the place of the picture that it is like, wherever that is linked.
     *
     * @param  array<int, string>  $seen  file id => how it was read as it was looked at
     *
     * @throws Refusal
     */
    public function inPlaceOfOthers(User $user, Drop $drop, array $seen): Batch
    {
        return $this->accept(
            $user,
            $drop,
            array_keys($seen),
            fn(ReadDrop $read): array => $this->acceptances($read, $seen, $this->replaced(...)),
            'Replaced',
        );
    }

    /**
     * @param  array<int, string>  $seen
     * @param  Closure(ReadFile): ?DuplicateCandidate  $replaced  the picture that a file takes the place of
     * @return array<int, Acceptance>
     */
    private function acceptances(ReadDrop $read, array $seen, Closure $replaced): array
    {
        $accepted = $taken = [];
        foreach ($read->openOnes(array_keys($seen)) as $id => $one) {
            if ($one->seen() !== $seen[$id]) {
                throw new Refusal(
                    "{$one->file->file} is read differently by now. Nothing was linked; the table shows how it is read.",
                    RefusalKind::Changed,
                );
            }
            if ($one->product === null || $one->verdict?->reach === null) {
                throw new Refusal(
                    "Nobody knows which product {$one->file->file} is of. Choose it, then its part.",
                    RefusalKind::Missing,
                );
            }
            $old = $replaced($one);
            if ($old !== null && isset($taken[(int) $old->placementId])) {
                throw new Refusal(
                    "{$taken[(int) $old->placementId]} and {$one->file->file} would both take the place of {$old->file}. Choose one of the two.",
                    RefusalKind::Impossible,
                );
            }
            $taken[(int) $old?->placementId] = $one->file->file;
            $accepted[$id] = new Acceptance(
                $one->product->id,
                $one->verdict->reach,
                $one->verdict->view,
                $old?->placementId,
            );
        }

        return $accepted;
    }

    /**
     * @param  list<int>  $ids
     *
     * @throws Refusal
     */
    public function here(User $user, Drop $drop, array $ids, PointedPlace $place): Batch
    {
        $reach = $this->loader->again($place->product)->core->selected($place->where)->reach;
        if ($reach->isNothing()) {
            throw new Refusal(
                'Point at a color, a size, a cell or the corner first: that is what the picture is linked to.',
                RefusalKind::Missing,
                'selected',
            );
        }

        return $this->accept(
            $user,
            $drop,
            $ids,
            fn(ReadDrop $read): array => array_map(
                fn(ReadFile $one): Acceptance => new Acceptance(
                    $place->product->id,
                    $reach,
                    $place->view ?? $one->verdict?->view,
                ),
                $read->openOnes($ids),
            ),
            'Linked',
        );
    }

    /**
     * As somebody has laid them out.
     *
     * @param  array<int, Acceptance>  $places  by file id
     *
     * @throws Refusal where one of them is settled by now
     */
    public function laidOut(User $user, Drop $drop, array $places): Batch
    {
        return $this->accept(
            $user,
            $drop,
            array_keys($places),
            fn(ReadDrop $read): array => array_map(
                fn(ReadFile $one): Acceptance => $places[$one->file->id],
                $read->openOnes(array_keys($places)),
            ),
            'Linked',
        );
    }

    private function replaced(ReadFile $one): DuplicateCandidate
    {
        foreach ($one->alike as $alike) {
            if ($alike->placementId !== null) {
                return $alike;
            }
        }

        throw new Refusal("{$one->file->file} has no picture to take the place of by now.", RefusalKind::Changed);
    }

    /**
     * @param  list<int>  $ids  of the files that are meant
     * @param  callable(ReadDrop): array<int, Acceptance>  $choose  by file id
     */
    private function accept(User $user, Drop $drop, array $ids, callable $choose, string $verb): Batch
    {
        $batch = null;
        $this->keeper->keep($user, $drop, function () use ($user, $drop, $ids, $choose, $verb, &$batch): string {
            $read = $this->tables->some($drop, $ids);
            $accepted = $choose($read);
            $productIds = array_values(array_unique(array_map(fn(Acceptance $one): int => $one->productId, $accepted)));
            sort($productIds);
            $count = count($accepted);
            $batch = $this->start->run(
                $user,
                new BatchOrder(
                    LinkDropped::NAME,
                    [
                        'verb' => $verb,
                        'count' => (string) $count,
                        'file' => $count === 1 ? $read->files[array_key_first($accepted)]->file->file : '',
                        'drop' => $drop->name,
                    ],
                    BatchMode::AsFarAsPossible,
                    Selection::whole(),
                ),
                $productIds,
            );
            $this->note($batch, $accepted, $read);

            return $batch->words;
        });
        assert($batch instanceof Batch);
        $this->runner->begin($batch->id);

        return $batch->refresh();
    }

    /** @param  array<int, Acceptance>  $accepted  by file id */
    private function note(Batch $batch, array $accepted, ReadDrop $read): void
    {
        $rows = [];
        $pictures = array_map(fn(int $id): DropPicture => $read->files[$id]->picture(), array_keys($accepted));
        $views = array_map(fn(Acceptance $one): ?View => $one->view, $accepted);
        foreach (LinkOrder::of($pictures, $views, $read->views) as $place => $id) {
            $rows[] = [
                ...$read->files[$id]->file->only(['id', 'drop_id', 'print', 'file', 'bytes']),
                'state' => DropFileState::Stored->value,
                'batch_id' => $batch->id,
                'to_product_id' => $accepted[$id]->productId,
                'to_reach' => Clauses::encode($accepted[$id]->reach),
                'to_view' => $accepted[$id]->view?->key,
                'to_place' => $place,
                'replaces_id' => $accepted[$id]->replacesId,
            ];
        }
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DropFile::query()->upsert(
                $chunk,
                ['id'],
                ['state', 'batch_id', 'to_product_id', 'to_reach', 'to_view', 'to_place', 'replaces_id'],
            );
        }
    }
}
