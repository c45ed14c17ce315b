<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Gallery\Roles\Ground;
use Core\Gallery\Roles\Role;
use Core\Gallery\Roles\RoleAnswer;
use Core\Matrix\Combination;

/** The ordered placements that reach a SKU or a partial choice, and who does which job there. */
final readonly class Gallery
{
    /** @var list<int> */
    private array $placementIds;

    /**
     * @param  list<Entry>  $entries  shown, in order
     * @param  list<Entry>  $hidden  reaching but not shown, in order
     * @param  array<string, RoleAnswer>  $roles  by the role's value
     * @param  ?Combination  $seenWith  of a partial choice, the opening values that were filled in
     */
    public function __construct(
        public array $entries,
        public array $hidden,
        private array $roles,
        public ?Combination $seenWith = null,
    ) {
        $this->placementIds = array_map(fn(Entry $entry): int => $entry->placement->id, $entries);
    }

    /** The same gallery as the answer to a choice in which some values were filled in. */
    public function seenWith(Combination $filledIn): self
    {
        return new self($this->entries, $this->hidden, $this->roles, $filledIn);
    }

    /** What fills the role here, and why; an answer without a picture where nothing does. */
    public function role(Role $role): RoleAnswer
    {
        return $this->roles[$role->value] ?? new RoleAnswer($role, null, Ground::None);
    }

    /** The picture seen first; null where there is no still. */
    public function lead(): ?Placement
    {
        return $this->role(Role::Lead)->placement();
    }

    /** @return list<Entry> as a shopper meets it: the Lead, then the rest in order */
    public function leadFirst(): array
    {
        $lead = $this->role(Role::Lead)->entry;
        if ($lead === null) {
            return $this->entries;
        }
        $rest = array_filter($this->entries, fn(Entry $entry): bool => $entry->placement->id !== $lead->placement->id);

        return [$lead, ...array_values($rest)];
    }

    /** Whether a shopper would see no picture at all. */
    public function isEmpty(): bool
    {
        return $this->entries === [];
    }

    /** @return list<int> */
    public function placementIds(): array
    {
        return $this->placementIds;
    }

    /**
     * The roles a placement does in this gallery, assigned or fallen back.
     *
     * @return list<RoleAnswer>
     */
    public function rolesOf(Placement $placement): array
    {
        return array_values(
            array_filter($this->roles, fn(RoleAnswer $answer): bool => $answer->placement()?->id === $placement->id),
        );
    }
}
