<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\NameWarnings;
use App\Catalog\NewPictures;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Media\IncomingFile;
use App\Media\PhotoStore;
use App\Media\Receipt;
use App\Refusals\PhotoRefused;
use Core\Gallery\View;
use Core\Product\SelectedPart;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Illuminate\Support\Facades\Gate;

/** Takes in picture files: each is checked, stored once, and put into the product's tray, or linked at once to where it was dropped. */
final class ReceivePhotos
{
    public function __construct(
        private readonly UnitOfWork $work,
        private readonly PhotoStore $store,
        private readonly NameWarnings $warnings,
    ) {
    }

    /**
     * @param  list<IncomingFile>  $files
     * @param  ?Selection  $onto  a part of the matrix to link them to
     */
    public function run(Change $change, array $files, ?Selection $onto = null): Receipt
    {
        Gate::forUser($change->user)->authorize('edit');
        $photos = [];
        $refusals = [];
        foreach ($files as $at => $file) {
            try {
                $photos[$at] = $this->store->take($file);
            } catch (PhotoRefused $refusal) {
                $refusals[] = $refusal->getMessage();
            }
        }
        $taken = [];
        $known = [];
        $warnings = [];
        $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($files, $photos, $onto, &$taken, &$known, &$warnings): string {
            $taken = [];
            $known = [];
            $selection = $onto === null ? null : $loaded->selected($onto);
            $links = $views = [];
            $pictures = new NewPictures($loaded);
            foreach ($photos as $at => $took) {
                [$photo, $name] = [$took->photo, $files[$at]->name];
                $here = $pictures->name($photo->id);
                if ($here !== null) {
                    $known[] = "{$name} is here already".($here === $name ? '' : ", as {$here}").($photo->wasChanged('state') ? '; it is read again.' : '.');
                    $links[$photo->id] = $here;
                    $views[$photo->id] = $files[$at]->view;

                    continue;
                }
                $free = $pictures->add($photo->id, $name, $selection->reach ?? $files[$at]->reach ?? Reach::nothing(), $files[$at]->view);
                $taken[] = ($free === $name ? $name : "{$name} (as {$free}: another picture has its name)").($took->hasMoreFrames ? ' (its first picture; it holds more)' : '');
            }
            $rows = $pictures->rows;
            $ledger->insertMany('placements', $loaded->product->id, $rows);

            if ($selection !== null) {
                $warnings = $this->warnings->of($loaded, array_map(fn (int $at): string => $files[$at]->name, array_keys($photos)), $selection);
                $this->link($ledger, $loaded, $views, $selection);
                $count = count($rows) + count($links);

                return 'Took in '.($count === 1 ? [...$taken, ...array_values($links)][0] : "{$count} pictures").", linked to {$selection->place()}";
            }

            if ($rows !== [] && array_filter($rows, fn (array $row): bool => $row['reach'] === '[]') === []) {
                return 'Took in '.(count($rows) === 1 ? $rows[0]['file_name'] : count($rows).' pictures').', linked to where their names say';
            }

            return 'Put '.(count($rows) === 1 ? $rows[0]['file_name'] : count($rows).' pictures').' into the tray';
        });

        return new Receipt($taken, $known, $refusals, $warnings);
    }

    /**
     * Pictures that were in the product already are linked there as well.
     *
     * @param  array<int, ?View>  $views  photo id => what it was said to show
     */
    private function link(Ledger $ledger, LoadedProduct $loaded, array $views, SelectedPart $selection): void
    {
        $updates = [];
        foreach ($loaded->placements as $row) {
            if (array_key_exists($row->photoId, $views)) {
                $view = $views[$row->photoId];
                $updates[$row->id()] = NewPictures::linkedTo($loaded, $row, $selection->reach) + ($view === null ? [] : ['view' => $view->key]);
            }
        }
        $ledger->update('placements', $updates);
    }
}
