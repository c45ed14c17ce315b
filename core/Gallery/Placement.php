<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Gallery\Roles\Role;
use Core\Reach\Reach;

/**
 * A picture's use in one product. Its place in the order is its place in the list it comes in.
 *
 * @phpstan-type Parts array{
 *     id: int, file: string, reach: Reach, hidden: Reach, view: ?View, roles: list<Role>, altText: string,
 *     isStill: bool, crop: string, photoId: int
 * }
 */
final readonly class Placement
{
    /**
     * @param  int  $id  below zero where it is not stored yet
     * @param  Reach  $hidden  where it reaches but is not shown
     * @param  list<Role>  $roles
     * @param  bool  $isStill  a still picture, not a video or a 3D model
     * @param  string  $crop  key of its focus and frame; empty for the middle of all of it
     * @param  int  $photoId  the picture itself, which other products may use as well
     */
    public function __construct(
        public int $id,
        public string $file,
        public Reach $reach,
        public Reach $hidden,
        public ?View $view = null,
        public array $roles = [],
        public string $altText = '',
        public bool $isStill = true,
        public string $crop = '',
        public int $photoId = 0,
    ) {}

    /** Whether somebody gave it the role. */
    public function carries(Role $role): bool
    {
        return in_array($role, $this->roles, true);
    }

    /** The same picture with another reach. */
    public function reaching(Reach $reach, Reach $hidden): self
    {
        return $this->with(['reach' => $reach, 'hidden' => $hidden]);
    }

    /**
     * The same picture with other roles.
     *
     * @param  list<Role>  $roles
     */
    public function doing(array $roles): self
    {
        return $this->with(['roles' => $roles]);
    }

    /** The same picture with a role, or without it. */
    public function having(Role $role, bool $has): self
    {
        $isOwn = fn(Role $own): bool => $own === $role ? $has : $this->carries($own);

        return $this->doing(array_values(array_filter(Role::cases(), $isOwn)));
    }

    /** The same picture showing another view, or none. */
    public function showing(?View $view): self
    {
        return $this->with(['view' => $view]);
    }

    /** The same picture with a typed text; empty for the one that the pattern makes. */
    public function told(string $altText): self
    {
        return $this->with(['altText' => $altText]);
    }

    /** The same picture without a typed text. */
    public function untold(): self
    {
        return $this->told('');
    }

    /** The same picture with another focus and frame. */
    public function cropped(Crop $crop): self
    {
        return $this->with(['crop' => $crop->key()]);
    }

    /** The same place taken by another file. */
    public function replacedBy(int $photoId, string $file): self
    {
        return $this->with(['photoId' => $photoId, 'file' => $file]);
    }

    /** @param  int  $id  under which it is stored; below zero where it is not yet */
    public function withId(int $id): self
    {
        return $this->with(['id' => $id]);
    }

    /** Whether it is there to be read, not to show the goods. */
    public function isGuide(): bool
    {
        return $this->view?->showing === Showing::Guide || $this->carries(Role::Guide);
    }

    /**
     * @param  array{
     *     id?: int, file?: string, reach?: Reach, hidden?: Reach, view?: ?View, roles?: list<Role>, altText?: string,
     *     crop?: string, photoId?: int
     * }  $said
     */
    private function with(array $said): self
    {
        /** @var Parts $own */
        $own = get_object_vars($this);

        return new self(...[...$own, ...$said]);
    }
}
