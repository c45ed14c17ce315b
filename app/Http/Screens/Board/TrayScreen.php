<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Http\Screens\Pictures\PictureLinks;
use App\Models\PhotoState;
use App\Store\PlacementRow;
use App\Store\Products\LoadedProduct;
use Core\Gallery\Coverage\CoverageRow;
use Core\Gallery\Entry;
use Core\Gallery\Roles\Ground;
use Core\Gallery\Roles\Role;
use Core\Product\SelectedPart;
use Core\Product\SelectionGallery;
use Core\Reach\Wording;

/** The gallery of the selection, the pictures not linked yet, and the selection in words and sums. */
final class TrayScreen
{
    public readonly SelectionGallery $gallery;

    public function __construct(
        private readonly LoadedProduct $loaded,
        public readonly SelectedPart $selection,
        public readonly string $selected,
        private readonly PictureLinks $pictures,
    ) {
        $this->gallery = new SelectionGallery($selection);
    }

    /** @return list<TrayCard> */
    public function shown(): array
    {
        $cards = [];
        foreach (array_values($this->gallery->shown) as $at => $entry) {
            $cards[] = $this->card($entry, $at + 1);
        }

        return $cards;
    }

    /** @return list<TrayCard> */
    public function hidden(): array
    {
        return array_map(
            fn(Entry $entry): TrayCard => $this->card($entry, 0, true),
            array_values(array_diff_key($this->gallery->hidden, $this->gallery->shown)),
        );
    }

    /** @return list<TrayCard> */
    public function unlinked(): array
    {
        return array_map(
            fn(PlacementRow $row): TrayCard => new TrayCard(
                $row,
                $this->pictures->thumb($row->placement),
                $this->pictures->text($row->placement),
                $this->idleWords($row),
            ),
            $this->loaded->tray(),
        );
    }

    /** The card of a picture, whether it is in the gallery, hidden, or elsewhere. */
    public function find(PlacementRow $wanted): TrayCard
    {
        foreach ([...$this->shown(), ...$this->hidden(), ...$this->unlinked()] as $card) {
            if ($card->row->id() === $wanted->id()) {
                return $card;
            }
        }
        $loaded = $this->loaded;

        return new TrayCard(
            $wanted,
            $this->pictures->thumb($wanted->placement),
            $this->pictures->text($wanted->placement),
            (new Wording())->say($wanted->reach(), $loaded->core->matrix),
            reasons: [__('board.it_is_linked_elsewhere_not_to')],
        );
    }

    public function isWaiting(): bool
    {
        return array_filter(
            $this->loaded->placements,
            fn(PlacementRow $row): bool => $row->photoState === PhotoState::Waiting,
        ) !== [];
    }

    public function title(): string
    {
        return $this->selection->isNothing()
            ? __('board.all_linked_pictures')
            : __('board.gallery_of_selection', [
                'selection' => $this->selection->reach->isEverything()
                    ? __('board.the_whole_product')
                    : $this->selection->inWords(),
            ]);
    }

    /** "6 pictures · 6 SKUs"; "6 pictures · no SKU yet" */
    public function counts(): string
    {
        $pictures = count($this->gallery->shown);
        $skus = $this->gallery->skuCount;

        return number_format($pictures) .
            ($pictures === 1 ? ' picture' : ' pictures') .
            ' · ' .
            match (true) {
                $this->loaded->core->made === [] => 'no SKU yet',
                $skus === 0 => 'no SKU',
                default => number_format($skus) . ($skus === 1 ? ' SKU' : ' SKUs'),
            };
    }

    /** Whether all selected SKUs show the same, and if not, which pictures are not everywhere. */
    public function sameness(): string
    {
        $skus = $this->gallery->skuCount;
        if ($skus === 0) {
            return $this->selection->isNothing()
                ? __('board.select_a_color_a_size_or')
                : __('board.no_sku_is_on_offer_here');
        }
        if ($this->gallery->ids() === []) {
            return __('board.no_picture_reaches_this_yet_drag');
        }
        if ($skus === 1) {
            return __('board.what_a_shopper_sees_for_this');
        }
        if ($this->gallery->isOne()) {
            return __('board.the_same_for_all_skus_skus', ['skus' => $skus]);
        }
        $partly = count(array_filter($this->gallery->shownBy, fn(int $times): bool => $times < $skus));

        return trans_choice('board.partly_of_these_is_not_shown', $partly, ['partly' => $partly, 'skus' => $skus]);
    }

    /** How the selection stands against the shot list, where it is one picture combination. */
    public function coverage(): ?CoverageRow
    {
        $loaded = $this->loaded;
        $axisIds = array_map(fn($axis): int => $axis->id, $loaded->core->matrix->pictureAxes());
        $keys = [];
        foreach ($this->selection->skus() as $sku) {
            $keys[$sku->cell->on($axisIds)->key] = true;
        }

        return count($keys) === 1 ? $loaded->core->coverage()?->rows[(string) array_key_first($keys)] ?? null : null;
    }

    /** @return array<string, string> the selection in sums, for the foot: what is summed => in words */
    public function sums(): array
    {
        $loaded = $this->loaded;
        $skus = $this->selection->skus();
        if ($skus === []) {
            return [];
        }

        return [
            'skus' => number_format(count($skus)) . (count($skus) === 1 ? ' SKU' : ' SKUs'),
            'pictures' =>
                count($this->gallery->shown) . (count($this->gallery->shown) === 1 ? ' picture' : ' pictures'),
            ...(new SumsOfNumbers(
                $loaded->core->priceRange($skus),
                $loaded->product->currency,
                $skus,
                $loaded->core->book,
            ))->inWords(),
        ];
    }

    private function card(Entry $entry, int $place, bool $hidden = false): TrayCard
    {
        $loaded = $this->loaded;
        $row = $loaded->placements[$entry->placement->id];
        $wording = new Wording();
        $reach = $wording->say($row->reach(), $loaded->core->matrix);
        $times = $this->gallery->shownBy[$row->id()] ?? 0;
        $everywhere = $times === $this->gallery->skuCount;
        $reasons = [
            $hidden
                ? __('board.linked_to_reach_but_hidden_from', [
                    'reach' => $reach,
                    'matrix' => $wording->say($row->placement->hidden, $loaded->core->matrix),
                ])
                : __('board.here_because_it_is_linked_to', [
                    'reach' => $reach,
                    'sku_count' => $everywhere
                        ? '.'
                        : __('board.times_of_the_sku_count_selected', [
                            'times' => $times,
                            'sku_count' => $this->gallery->skuCount,
                        ]),
                ]),
        ];
        $badges = [];
        foreach ($this->roles($entry) as $name => [$answer, $galleries]) {
            $partly = $galleries < count($this->gallery->galleries);
            if (
                $answer->ground === Ground::Assigned ||
                in_array($answer->role, [Role::Lead, Role::Hover, Role::Guide], true)
            ) {
                $badges[] = $name;
            }
            $reasons[] =
                "{$name}, {$answer->role->meaning()}: " .
                lcfirst($answer->reason($loaded->core->matrix)) .
                ($partly ? ' Not in every selected gallery.' : '');
        }
        foreach ($entry->placement->roles as $role) {
            if (!in_array($role->label(), $badges, true)) {
                $reasons[] = __('board.role_assigned_but_a_narrower_or', ['role' => $role->label()]);
            }
        }

        return new TrayCard(
            $row,
            $this->pictures->thumb($entry->placement),
            $this->pictures->text($entry->placement),
            $reach,
            $badges,
            $reasons,
            $place,
            $hidden,
        );
    }

    /**
     * @return array<string, array{\Core\Gallery\Roles\RoleAnswer, int}> role label => its answer, and in how many of
     *   the galleries
     */
    private function roles(Entry $entry): array
    {
        $roles = [];
        foreach ($this->gallery->galleries as $gallery) {
            foreach ($gallery->rolesOf($entry->placement) as $answer) {
                $roles[$answer->role->label()] = [
                    $roles[$answer->role->label()][0] ?? $answer,
                    ($roles[$answer->role->label()][1] ?? 0) + 1,
                ];
            }
        }

        return $roles;
    }

    /** Why a picture that is linked reaches no SKU on offer; empty where it is linked to nothing. */
    private function idleWords(PlacementRow $row): string
    {
        $matrix = $this->loaded->core->matrix;

        return match (true) {
            $row->reach()->isNothing() => '',
            !$row->reach()->activeIn($matrix)->isNothing() => __('board.for_matrix_not_on_offer', [
                'matrix' => (new Wording())->say($row->reach(), $matrix),
            ]),
            count($row->reach()->clauses) === 1 => __('board.was_linked_to_a_value_that'),
            default => __('board.was_linked_to_values_that_are'),
        };
    }
}
