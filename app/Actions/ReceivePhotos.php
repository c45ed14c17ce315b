<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\Clauses;
use App\Catalog\LoadedProduct;
use App\Catalog\NameWarnings;
use App\Catalog\SelectedPart;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Media\IncomingFile;
use App\Media\PhotoStore;
use App\Media\Receipt;
use App\Models\Photo;
use App\Refusals\PhotoRefused;
use Core\Gallery\View;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Simplifier;
use Illuminate\Support\Facades\Gate;

/** Takes in picture files: each is checked, stored once, and put into the product's tray, or linked at once to where it was dropped. */
final class ReceivePhotos
{
    private const LONGEST_NAME = 180;

    public function __construct(
        private readonly Keeper $keeper,
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
        $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($files, $photos, $onto, &$taken, &$known, &$warnings): string {
            $taken = [];
            $known = [];
            $selection = $onto === null ? null : $loaded->selected($onto);
            $links = [];
            $here = [];
            $names = [];
            foreach ($loaded->placements as $row) {
                $here[$row->photoId] = $row->file();
                $names[mb_strtolower($row->file())] = true;
            }
            $rows = [];
            $position = max([0, ...array_map(fn ($row): int => $row->position, array_values($loaded->placements))]);
            foreach ($photos as $at => $took) {
                [$photo, $name] = [$took->photo, $files[$at]->name];
                if (isset($here[$photo->id])) {
                    $known[] = "{$name} is here already".($here[$photo->id] === $name ? '' : ", as {$here[$photo->id]}").($photo->wasChanged('state') ? '; it is read again.' : '.');
                    $links[$photo->id] = true;

                    continue;
                }
                $free = $this->freeName($name, $names);
                $names[mb_strtolower($free)] = true;
                $here[$photo->id] = $free;
                $taken[] = ($free === $name ? $name : "{$name} (as {$free}: another picture has its name)").($took->hasMoreFrames ? ' (its first picture; it holds more)' : '');
                $rows[] = $this->row($photo, $free, ++$position, $selection->reach ?? $files[$at]->reach ?? Reach::nothing(), $files[$at]->view);
            }
            $ledger->insertMany('placements', $loaded->product->id, $rows);

            if ($selection !== null) {
                $warnings = $this->warnings->of($loaded, array_map(fn (int $at): string => $files[$at]->name, array_keys($photos)), $selection);
                $this->link($ledger, $loaded, array_keys($links), $selection);
                $count = count($rows) + count($links);

                return 'Took in '.($count === 1 ? [...$taken, ...array_values(array_intersect_key($here, $links))][0] : "{$count} pictures").", linked to {$selection->place()}";
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
     * @param  list<int>  $photoIds
     */
    private function link(Ledger $ledger, LoadedProduct $loaded, array $photoIds, SelectedPart $selection): void
    {
        $updates = [];
        foreach ($loaded->placements as $row) {
            if (in_array($row->photoId, $photoIds, true)) {
                $updates[$row->id()] = [
                    'reach' => Clauses::encode((new Simplifier())->simplify($row->reach()->union($selection->reach), $loaded->matrix)),
                    'hidden' => Clauses::encode($row->placement->hidden->subtract($selection->reach, $loaded->matrix)),
                ];
            }
        }
        $ledger->update('placements', $updates);
    }

    /** @return array<string, mixed> */
    private function row(Photo $photo, string $name, int $position, Reach $reach, ?View $view): array
    {
        return [
            'photo_id' => $photo->id,
            'file_name' => $name,
            'position' => $position,
            'reach' => Clauses::encode($reach),
            'hidden' => '[]',
            'view' => $view?->value,
            'roles' => '[]',
        ];
    }

    /** @param  array<string, true>  $taken names in lower case */
    private function freeName(string $name, array $taken): string
    {
        $ending = pathinfo($name, PATHINFO_EXTENSION);
        $stem = mb_substr($ending === '' ? $name : mb_substr($name, 0, -mb_strlen($ending) - 1), 0, self::LONGEST_NAME);
        for ($number = 1; ; $number++) {
            $free = $stem.($number === 1 ? '' : " ({$number})").($ending === '' ? '' : '.'.$ending);
            if (! isset($taken[mb_strtolower($free)])) {
                return $free;
            }
        }
    }
}
