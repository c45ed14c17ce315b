<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Actions\Refused;
use Core\Gallery\Entry;
use Core\Gallery\Gallery;
use Core\Gallery\Placement;
use Core\Gallery\Role;
use Core\Gallery\RoleAnswer;
use Core\Matrix\Combination;
use Core\Matrix\Name;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Wording;

/** Galleries and roles with reasons, in the shape that the exchange format fixes. */
final class GalleryReport
{
    /** @return array<string, mixed> one made SKU */
    public function sku(LoadedProduct $loaded, SkuRow $sku): array
    {
        return ['sku' => $sku->code, 'choice' => (object) $loaded->matrix->choice($sku->cell)] + $this->gallery($loaded, $loaded->galleries()->of($sku->cell));
    }

    /**
     * A partial choice, typed as "Color=Moss, Size=M".
     *
     * @return array<string, mixed>
     */
    public function choice(LoadedProduct $loaded, string $typed): array
    {
        $choice = $this->read($loaded, $typed);

        return ['choice' => (object) $loaded->matrix->choice($choice)] + $this->gallery($loaded, $loaded->galleries()->forChoice($choice));
    }

    /** @return array<string, mixed> */
    private function gallery(LoadedProduct $loaded, Gallery $gallery): array
    {
        $roles = [];
        foreach (Role::cases() as $role) {
            $answer = $gallery->role($role);
            $roles[$role->value] = ['file' => $answer->placement()?->file, 'reason' => $answer->reason($loaded->matrix)];
        }

        return [
            'gallery' => array_map(fn (Entry $entry): array => [
                'file' => $entry->placement->file,
                'view' => $entry->placement->view?->value,
                'reach' => $this->clauses($entry->placement->reach, $loaded),
                'reach_words' => (new Wording())->say($entry->placement->reach, $loaded->matrix),
                'roles' => $this->roles($gallery, $entry->placement),
            ], $gallery->entries),
            'roles' => $roles,
        ];
    }

    /** @return list<string> */
    private function roles(Gallery $gallery, Placement $placement): array
    {
        return array_map(fn (RoleAnswer $answer): string => $answer->role->value, $gallery->rolesOf($placement));
    }

    /** @return list<object> each {"Axis": ["value", …]} */
    private function clauses(Reach $reach, LoadedProduct $loaded): array
    {
        return array_map(function (Clause $clause) use ($loaded): object {
            $named = [];
            foreach ($loaded->matrix->axes as $axis) {
                if ($clause->names($axis->id)) {
                    $named[$axis->name] = array_values(array_map(fn ($value): string => $value->label, array_filter($axis->values, fn ($value): bool => $clause->allows($axis->id, $value->id))));
                }
            }

            return (object) $named;
        }, $reach->activeIn($loaded->matrix)->clauses);
    }

    private function read(LoadedProduct $loaded, string $typed): Combination
    {
        $values = [];
        foreach (preg_split('/[,;&]/', $typed, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            [$axisName, $label] = array_map(Name::of(...), explode('=', $part.'=', 3));
            $found = false;
            foreach ($loaded->matrix->axes as $axis) {
                foreach (Name::of($axis->name)->is($axisName) ? $axis->values : [] as $value) {
                    if (Name::of($value->label)->is($label)) {
                        $values[$axis->id] = $value->id;
                        $found = true;
                    }
                }
            }
            if (! $found) {
                throw new Refused("{$loaded->product->name} has no “{$axisName->shown}={$label->shown}”.");
            }
        }

        return Combination::of($values);
    }
}
