<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Product\Product;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Gives a picture a role where it reaches, or takes it away. Another of the same reach hands it over. */
final readonly class GiveRole implements ProductChange
{
    public function __construct(private int $placementId, private Role $role, private bool $take = false) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        [$picture] = $product->pictures([$this->placementId]);
        if (!$this->take && !$picture->isStill && $this->role->needsStill()) {
            throw new Refusal(
                "{$picture->file} is no still picture, so it cannot be {$this->role->label()}: there nothing plays. Give the role to a still.",
                RefusalKind::Impossible,
                'role',
            );
        }
        $where = $product->isLinked($picture) ? ' for ' . (new Wording())->say($picture->reach, $product->matrix) : '';

        return new Changed(
            $product->state->withChangedPictures([
                $picture->having($this->role, !$this->take),
                ...$this->handingOver($product, $picture),
            ]),
            "{$picture->file} is " . ($this->take ? 'no longer ' : '') . $this->role->label() . $where,
        );
    }

    /** @return list<Placement> */
    private function handingOver(Product $product, Placement $picture): array
    {
        if ($this->take || !$product->isLinked($picture)) {
            return [];
        }
        $reach = $picture->reach->activeIn($product->matrix);
        $isRival = fn(Placement $other): bool => $other !== $picture &&
            $other->carries($this->role) &&
            $other->reach->activeIn($product->matrix)->equals($reach);

        return array_values(
            array_map(
                fn(Placement $other): Placement => $other->having($this->role, false),
                array_filter($product->state->pictures, $isRival),
            ),
        );
    }
}
