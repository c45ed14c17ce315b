<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Gallery\View;

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
     * @param  ?int  $usualId  the product that all others of its folder are of, for a name that says none
     * @param  list<int>  $trusted  products whose names so many of the drop have a word of, that it is meant by it
     * @param  string  $otherCode  what stands in that name where the code of the usual product would; empty for nothing
     */
    public function __construct(
        public ?int $givenId = null,
        public ?View $view = null,
        public array $common = [],
        public array $senders = [],
        public ?SeenPicture $seen = null,
        public ?int $usualId = null,
        public array $trusted = [],
        public string $otherCode = '',
    ) {}

    public function amongOthersOf(int $productId, string $otherCode): self
    {
        return new self(
            $this->givenId,
            $this->view,
            $this->common,
            $this->senders,
            $this->seen,
            $productId,
            $this->trusted,
            $otherCode,
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
            $this->usualId,
            $productIds,
            $this->otherCode,
        );
    }
}
