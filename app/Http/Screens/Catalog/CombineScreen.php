<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use Core\Combining\ItemGroup;

/** Single items that look like one product, a page of groups at a time. */
final readonly class CombineScreen
{
    private const PAGE = 20;

    /** @param  list<ItemGroup>  $groups */
    public function __construct(private array $groups, private int $page, public string $chosen) {}

    public function count(): int
    {
        return count($this->groups);
    }

    /** Groups about which there is no doubt. */
    public function sure(): int
    {
        return count(array_filter($this->groups, fn(ItemGroup $group): bool => $group->isSure()));
    }

    /** @return list<CombineGroup> */
    public function groups(): array
    {
        return array_map(
            fn(ItemGroup $group): CombineGroup => new CombineGroup($group),
            array_slice($this->groups, ($this->page - 1) * self::PAGE, self::PAGE),
        );
    }

    /** @return ?int the next page; null on the last */
    public function next(): ?int
    {
        return $this->page * self::PAGE < count($this->groups) ? $this->page + 1 : null;
    }
}
