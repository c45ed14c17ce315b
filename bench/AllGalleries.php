<?php

declare(strict_types=1);

namespace Bench;

use Core\Gallery\Galleries;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Reach\Reach;

/** Galleries and roles of 10,000 SKUs with 500 placements, beside a bare loop that writes the same output. */
final class AllGalleries
{
    public static function measure(): Result
    {
        $axis = fn(int $id, int $values, AxisKind $kind): Axis => new Axis(
            $id,
            "Axis {$id}",
            $kind,
            array_map(fn(int $at): Value => new Value($id * 1000 + $at, "V{$at}"), range(1, $values)),
            $kind === AxisKind::Color,
        );
        $matrix = Matrix::of([
            $axis(1, 50, AxisKind::Color),
            $axis(2, 20, AxisKind::Size),
            $axis(3, 10, AxisKind::Other),
        ]);
        $made = $matrix->offered();
        $placements = self::placements();
        $galleries = function () use ($matrix, $made, $placements): array {
            $written = [];
            foreach ((new Galleries($matrix, $made, $placements))->all() as $key => $gallery) {
                $roles = [];
                foreach (Role::cases() as $role) {
                    $roles[$role->value] = $gallery->role($role)->placement()?->id;
                }
                $written[$key] = [$gallery->placementIds(), $roles];
            }

            return $written;
        };
        $output = $galleries();
        $bare = function () use ($output): array {
            $written = [];
            foreach ($output as $key => [$ids, $roles]) {
                $list = [];
                foreach ($ids as $id) {
                    $list[] = $id;
                }
                $named = [];
                foreach ($roles as $role => $id) {
                    $named[$role] = $id;
                }
                $written[$key] = [$list, $named];
            }

            return $written;
        };

        return new Result(
            'galleries and roles of all SKUs',
            '10,000 SKUs, 500 placements',
            Timing::ratio($galleries, $bare),
            8.0,
        );
    }

    /** @return list<Placement> nine for each color, some for a color in one style, some for a single SKU */
    private static function placements(): array
    {
        $views = Views::usual()->all;
        $placements = [];
        foreach (range(1, 50) as $color) {
            foreach (range(0, 6) as $at) {
                $placements[] = self::placement(
                    count($placements) + 1,
                    [1 => [1000 + $color]],
                    $views[$at],
                    $at === 0 ? [Role::Lead] : [],
                );
            }
            $placements[] = self::placement(
                count($placements) + 1,
                [1 => [1000 + $color], 3 => [3000 + ($color % 10) + 1]],
                View::usual('detail'),
                [Role::Card],
            );
            $placements[] = self::placement(
                count($placements) + 1,
                [1 => [1000 + $color], 2 => [2000 + ($color % 20) + 1], 3 => [3000 + ($color % 10) + 1]],
                View::usual('front'),
                [Role::Lead],
            );
        }
        for ($at = 0; count($placements) < 500; $at++) {
            $placements[] = self::placement(
                count($placements) + 1,
                $at % 2 === 0 ? [] : [2 => [2000 + ($at % 20) + 1]],
                View::usual('size guide'),
                [],
            );
        }

        return $placements;
    }

    /**
     * @param  array<int, list<int>>  $clause
     * @param  list<Role>  $roles
     */
    private static function placement(int $id, array $clause, View $view, array $roles): Placement
    {
        return new Placement($id, "p{$id}.jpg", Reach::fromArrays([$clause]), Reach::nothing(), $view, $roles);
    }
}
