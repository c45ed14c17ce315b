<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Matching\Exactness;

/** Some parts of a name in a row, and what they can mean together. */
final readonly class Understood
{
    /**
     * @param  list<NamePart>  $parts  at least one
     * @param  non-empty-list<Meaning>  $meanings
     */
    public function __construct(public array $parts, public array $meanings) {}

    /** As it stands in the name, with what was between its parts left out. */
    public function text(): string
    {
        return implode(
            '',
            array_map(
                fn(NamePart $part): string => ($part->isGlued || $part === $this->parts[0] ? '' : ' ') . $part->text,
                $this->parts,
            ),
        );
    }

    /** @return list<Meaning> those of one kind */
    public function of(MeaningKind $kind): array
    {
        return array_values(array_filter($this->meanings, fn(Meaning $meaning): bool => $meaning->kind === $kind));
    }

    /** Whether it is a value by a word that is nearly one of its own. */
    public function isGuessed(): bool
    {
        $meaning = $this->meanings[0];

        return $meaning->kind === MeaningKind::Value &&
            ($meaning->exactness->isForm() || $meaning->exactness === Exactness::Slip);
    }

    public function isOnly(MeaningKind $kind): bool
    {
        return count($this->of($kind)) === count($this->meanings);
    }
}
