<?php

declare(strict_types=1);

namespace App\Actions;

use App\Batches\Act;
use App\Catalog\LoadedProduct;
use App\Catalog\NewPictures;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\DropFile;
use App\Models\HistoryEntry;
use App\Store\Clauses;
use App\Store\ViewShelf;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Database\Eloquent\Collection;

/** Links what was accepted of a drop to one product: new pictures behind those it has, better files in the place of others. */
final class LinkDropped implements Act
{
    public const NAME = 'drop';

    public function __construct(private readonly UnitOfWork $work, private readonly ViewShelf $shelf)
    {
    }

    public function inWords(array $wanted): string
    {
        $count = (int) ($wanted['count'] ?? 0);

        return ($wanted['verb'] ?? 'Linked').' '.($count === 1 ? $wanted['file'] ?? '' : number_format($count).' pictures')." of “{$wanted['drop']}”";
    }

    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($change): string {
            $files = DropFile::query()->where('batch_id', $change->batch)->where('to_product_id', $change->productId)->orderBy('to_place')->get();
            $pictures = new NewPictures($loaded);
            $byPhoto = array_column(array_map(fn ($row): array => [$row->photoId, $row], array_values($loaded->placements)), 1, 0);
            $updates = $reaches = [];
            foreach ($files as $file) {
                $known = $byPhoto[(int) $file->photo_id] ?? null;
                if ($file->replaces_id !== null && $known?->id() !== $file->replaces_id) {
                    $updates[$file->replaces_id] = $this->replacing($loaded, $file, $pictures, $known !== null);
                } else {
                    // One picture that came under two names is linked to where either says.
                    $reaches[(int) $file->photo_id][] = Clauses::decode((string) $file->to_reach);
                }
            }
            foreach ($files as $file) {
                $photoId = (int) $file->photo_id;
                if (! isset($reaches[$photoId])) {
                    continue;
                }
                $reach = array_reduce($reaches[$photoId], fn (Reach $all, Reach $one): Reach => $all->union($one), Reach::nothing());
                unset($reaches[$photoId]);
                $known = $byPhoto[$photoId] ?? null;
                $view = $this->shelf->views()->find($file->to_view);
                if ($known !== null) {
                    $updates[$known->id()] = NewPictures::linkedTo($loaded, $known, $reach) + ($known->placement->view === null && $view !== null ? ['view' => $view->key] : []);
                } else {
                    $pictures->add($photoId, $file->file, $reach, $view);
                }
            }
            $ledger->update('placements', $updates);
            $ledger->insertMany('placements', $loaded->product->id, $pictures->rows);

            return $this->words($loaded, $files);
        });
    }

    /** @return array<string, mixed> the better file keeps reach, place, roles and texts of the one before */
    private function replacing(LoadedProduct $loaded, DropFile $file, NewPictures $pictures, bool $isHere): array
    {
        $old = $loaded->placements[(int) $file->replaces_id] ?? throw new Refusal(
            "The picture that {$file->file} was to replace is no longer in this product. Look at it again.",
            RefusalKind::Gone,
        );
        if ($isHere) {
            throw new Refusal(
                "{$file->file} is in this product already, beside {$old->file()}. Remove one of the two on the board.",
                RefusalKind::Taken,
            );
        }

        return $pictures->inPlaceOf($old, (int) $file->photo_id, $file->file);
    }

    /** @param  Collection<int, DropFile>  $files */
    private function words(LoadedProduct $loaded, Collection $files): string
    {
        $first = $files->first();
        $replaced = $files->whereNotNull('replaces_id')->count();
        if ($first !== null && $files->count() === 1) {
            $where = (new Wording())->say(Clauses::decode((string) $first->to_reach), $loaded->matrix);

            return $replaced === 1 ? "Replaced a picture by {$first->file}, for {$where}" : "Linked {$first->file} to {$where}, from the intake";
        }

        return match ($replaced) {
            0 => 'Linked '.number_format($files->count()).' pictures from the intake',
            $files->count() => 'Replaced '.number_format($replaced).' pictures by better files',
            default => 'Linked '.number_format($files->count() - $replaced).' pictures from the intake, replaced '.number_format($replaced),
        };
    }
}
