<?php

declare(strict_types=1);

namespace App\Console\Reports;

use App\Store\Products\LoadedProduct;
use Core\Gallery\Entry;
use Core\Gallery\Gallery;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\Roles\RoleAnswer;
use Core\Matrix\Combination;
use Core\Product\Sku;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Galleries and roles with reasons, in the shape that the exchange format fixes. */
final class GalleryReport
{
    /** @return array<string, mixed> one SKU, on offer or retired */
    public function sku(LoadedProduct $loaded, Sku $sku): array
    {
        return [
            'sku' => $sku->code,
            'state' => $sku->state->value,
            'choice' => (object) $loaded->core->choiceOf($sku),
        ] + $this->gallery($loaded, $loaded->core->galleryOf($sku));
    }

    /**
     * A partial choice, each part typed as "Color=Moss"; of "shown_with" what was filled in, since a picture axis was
     * open.
     *
     * @param  list<string>  $typed
     * @return array<string, mixed>
     */
    public function choice(LoadedProduct $loaded, array $typed): array
    {
        $choice = $this->read($loaded, $typed);
        $gallery = $loaded->core->galleries()->forChoice($choice);

        return [
            'choice' => (object) $loaded->core->matrix->choice($choice),
            'shown_with' => (object) $loaded->core->matrix->choice($gallery->seenWith ?? Combination::of([])),
        ] + $this->gallery($loaded, $gallery);
    }

    /** @return array<string, mixed> */
    private function gallery(LoadedProduct $loaded, Gallery $gallery): array
    {
        $roles = [];
        foreach (Role::cases() as $role) {
            $answer = $gallery->role($role);
            $roles[$role->value] = [
                'file' => $answer->placement()?->file,
                'reason' => $answer->reason($loaded->core->matrix),
            ];
        }

        return [
            'gallery' => array_map(
                fn(Entry $entry): array => [
                    'file' => $entry->placement->file,
                    'view' => $entry->placement->view?->name,
                    'reach' => ReachNames::of($entry->placement->reach, $loaded->core->matrix),
                    'reach_words' => (new Wording())->say($entry->placement->reach, $loaded->core->matrix),
                    'roles' => $this->roles($gallery, $entry->placement),
                ],
                $gallery->entries,
            ),
            'roles' => $roles,
        ];
    }

    /** @return list<string> */
    private function roles(Gallery $gallery, Placement $placement): array
    {
        return array_map(fn(RoleAnswer $answer): string => $answer->role->value, $gallery->rolesOf($placement));
    }

    /**
     * A name may hold any character, so every sign that could part axis and value is tried.
     *
     * @param  list<string>  $typed
     */
    private function read(LoadedProduct $loaded, array $typed): Combination
    {
        $values = [];
        foreach ($typed as $part) {
            $found =
                $this->pair($loaded, $part) ??
                throw new Refusal(
                    "{$loaded->product->name} has no “{$part}”. Say it as --choose=\"Axis=Value\", once for each axis.",
                    RefusalKind::Gone,
                    'choose',
                );
            if (isset($values[$found[0]])) {
                throw new Refusal(
                    "“{$part}” names an axis that was chosen already. Choose one value of each axis.",
                    RefusalKind::Impossible,
                    'choose',
                );
            }
            $values[$found[0]] = $found[1];
        }

        return Combination::of($values);
    }

    /** @return ?array{int, int} axis and value id */
    private function pair(LoadedProduct $loaded, string $typed): ?array
    {
        for ($sign = strpos($typed, '='); $sign !== false; $sign = strpos($typed, '=', $sign + 1)) {
            [$axisName, $label] = [Name::of(substr($typed, 0, $sign)), Name::of(substr($typed, $sign + 1))];
            foreach ($loaded->core->matrix->axes as $axis) {
                foreach (Name::of($axis->name)->is($axisName) ? $axis->values : [] as $value) {
                    if (Name::of($value->label)->is($label)) {
                        return [$axis->id, $value->id];
                    }
                }
            }
        }

        return null;
    }
}
