<?php

declare(strict_types=1);

namespace Core\Gallery\Roles;

use Core\Gallery\Entry;
use Core\Gallery\Placement;
use Core\Matrix\Matrix;
use Core\Reach\Wording;

/** Which placement does a job for a SKU, and why. */
final readonly class RoleAnswer
{
    /** @param  list<Entry>  $rivals assigned placements that were passed over, the closest first */
    public function __construct(
        public Role $role,
        public ?Entry $entry,
        public Ground $ground,
        public array $rivals = [],
    ) {}

    /** The picture that fills the role; null where none does. */
    public function placement(): ?Placement
    {
        return $this->entry?->placement;
    }

    /**
     * Whether it was assigned to another picture of the very same narrowness as well, so that only the order decides.
     */
    public function isClash(RoleChooser $chooser): bool
    {
        return $this->ground === Ground::Assigned &&
            $this->entry !== null &&
            $this->rivals !== [] &&
            $chooser->narrowerFirst($this->entry, $this->rivals[0]) === 0;
    }

    /**
     * In a few words, for a cell of a table, beside whether it was assigned: "for Moss", "as the Lead". Empty where
     * nobody does it.
     */
    public function briefly(Matrix $matrix): string
    {
        return match ($this->ground) {
            Ground::Assigned => $this->entry === null
                ? ''
                : 'for ' . (new Wording())->clause($this->entry->through, $matrix),
            Ground::FirstPicture => 'as the first picture',
            Ground::OnlyGuide => 'as the only picture',
            Ground::AsLead => 'as the Lead',
            Ground::BackView => 'as the back view',
            Ground::OtherPicture => 'as the next picture',
            Ground::SizeGuideView => 'as the size guide',
            Ground::None => '',
        };
    }

    /** A sentence: assigned or fallen back, through which clause, over which rivals. */
    public function reason(Matrix $matrix): string
    {
        $wording = new Wording();
        $sentence = match ($this->ground) {
            Ground::Assigned => 'Assigned for ' .
                ($this->entry === null ? '' : $wording->clause($this->entry->through, $matrix)),
            Ground::FirstPicture => 'No Lead assigned here: the first picture of the gallery that is no size guide',
            Ground::OnlyGuide => 'No Lead assigned here and no other picture: the size guide',
            Ground::AsLead => "No {$this->role->label()} assigned here: the Lead serves",
            Ground::BackView => 'No Hover assigned here: the first back view that is not the Card',
            Ground::OtherPicture
                => 'No Hover assigned here and no other back view: the first other picture that is no size guide',
            Ground::SizeGuideView => 'No Guide assigned here: the first size guide',
            Ground::None => $this->role === Role::Swatch
                ? 'No picture assigned: the value’s own swatch'
                : 'No picture for this here',
        };
        if ($this->rivals !== []) {
            $passed = array_map(
                fn(Entry $rival): string => $rival->placement->file .
                    ' (' .
                    $wording->clause($rival->through, $matrix) .
                    ')',
                $this->rivals,
            );
            $sentence .= '; narrower than or before ' . implode(', ', $passed);
        }

        return $sentence . '.';
    }
}
