<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Gallery\View;
use Core\Matching\Names\NameReading;
use Core\Reach\Reach;

/** Where a picture belongs as far as can be told, how surely, and why. */
final readonly class Verdict
{
    /** From here on it may be accepted without a look at each. */
    public const SURE = 0.9;

    /** The most of what is not sure. */
    public const LIKELY = 0.85;

    /**
     * @param  ?int  $productId  null where nothing says which product
     * @param  ?Reach  $reach  null where the product is not known
     * @param  ?int  $place  its number among the pictures of its kind, where the name has one
     * @param  float  $confidence  from 0 to 1
     * @param  list<string>  $reasons  what was understood, in sentences
     * @param  list<Doubt>  $doubts  what speaks against it
     * @param  bool  $isByPart  whether the product is told by a part of its name only
     * @param  array<int, int>  $narrower  what it says beside the rest of axes that change no picture, such as the
     *   size: axis id => value id
     */
    public function __construct(
        public ?int $productId,
        public ?Reach $reach,
        public ?View $view,
        public ?int $place,
        public float $confidence,
        public array $reasons,
        public array $doubts,
        public NameReading $reading,
        public bool $isByPart = false,
        public ?Contradiction $contradiction = null,
        public array $narrower = [],
    ) {}

    public function isSure(): bool
    {
        return $this->productId !== null && $this->confidence >= self::SURE;
    }

    /** "sure", "likely", "in doubt", "not understood" */
    public function inWords(): string
    {
        return match (true) {
            $this->productId === null => 'not understood',
            $this->confidence >= self::SURE => 'sure',
            $this->confidence > 0.5 => 'likely',
            default => 'in doubt',
        };
    }

    /** @return list<string> what speaks against it, in sentences */
    public function doubtWords(): array
    {
        return array_map(fn(Doubt $doubt): string => $doubt->words, $this->doubts);
    }

    /** @return list<string> the doubts that it names a value the product does not come in, or another product */
    public function foreignWords(): array
    {
        return array_values(
            array_map(
                fn(Doubt $doubt): string => $doubt->words,
                array_filter($this->doubts, fn(Doubt $doubt): bool => $doubt->kind->isForeign()),
            ),
        );
    }

    /** Whether the name means another part of the product than this, or something that the product does not have. */
    public function speaksAgainst(Reach $part): bool
    {
        return $this->foreignWords() !== [] || ($this->reach !== null && $this->reach->cut($part)->isNothing());
    }

    /** The same for a narrower part of the product. */
    public function narrowedTo(Reach $reach): self
    {
        return $this->with($reach, $this->confidence, $this->reasons, $this->doubts);
    }

    /** The same of a view that only the order of taking tells. */
    public function showingByOrder(View $view): self
    {
        $words = "That it shows the view {$view->name} is told by the order in which it was taken.";

        return new self(
            $this->productId,
            $this->reach,
            $view,
            $this->place,
            min($this->confidence, self::LIKELY),
            $this->reasons,
            [...$this->doubts, new Doubt(DoubtKind::ViewByOrder, $words)],
            $this->reading,
            $this->isByPart,
            $this->contradiction,
            $this->narrower,
        );
    }

    /** The same with one more reason. */
    public function because(string $reason): self
    {
        return $this->with($this->reach, $this->confidence, [...$this->reasons, $reason], $this->doubts);
    }

    /** The same, likely at most. */
    public function doubted(DoubtKind $kind, string $words): self
    {
        $doubts = [...$this->doubts, new Doubt($kind, $words)];

        return $this->with($this->reach, min($this->confidence, self::LIKELY), $this->reasons, $doubts);
    }

    /**
     * @param  list<string>  $reasons
     * @param  list<Doubt>  $doubts
     */
    private function with(?Reach $reach, float $confidence, array $reasons, array $doubts): self
    {
        return new self(
            $this->productId,
            $reach,
            $this->view,
            $this->place,
            $confidence,
            $reasons,
            $doubts,
            $this->reading,
            $this->isByPart,
            $this->contradiction,
            $this->narrower,
        );
    }
}
