<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Gallery\View;
use Core\Matching\Shoots\FoundCard;

/** What is known about a picture beside its name. */
final readonly class Circumstances
{
    /**
     * @param  ?int  $givenId  its product, where somebody said it and only its part is asked
     * @param  ?View  $view  what it shows, where somebody said it
     * @param  list<string>  $common  unknown words, bare, that stand in many names of the drop and so tell none apart
     * @param  array<array-key, array<int, true>>  $senders  those of them => ids of axes of which names that have them
     *                                                       say a value as well: they are no value of these themselves
     * @param  ?SeenPicture  $seen  what was measured of it
     * @param  ?Presumption  $presumed  the product that it is taken to be of, for a name that says none
     * @param  list<int>  $trusted  products whose names so many of the drop have a word of, that it is meant by it
     * @param  ?FoundCard  $card  the slate card that it was taken after
     */
    public function __construct(
        public ?int $givenId = null,
        public ?View $view = null,
        public array $common = [],
        public array $senders = [],
        public ?SeenPicture $seen = null,
        public ?Presumption $presumed = null,
        public array $trusted = [],
        public ?FoundCard $card = null,
    ) {}

    public function presuming(Presumption $presumed): self
    {
        return new self(
            $this->givenId,
            $this->view,
            $this->common,
            $this->senders,
            $this->seen,
            $presumed,
            $this->trusted,
            $this->card,
        );
    }

    /** @param  list<int>  $productIds */
    public function trusting(array $productIds): self
    {
        return new self(
            $this->givenId,
            $this->view,
            $this->common,
            $this->senders,
            $this->seen,
            $this->presumed,
            $productIds,
            $this->card,
        );
    }
}
