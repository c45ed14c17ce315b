<?php

declare(strict_types=1);

namespace Core\Checks;

/** A rule that products are held against. One more is a class, or a case of an enum, in the list of Checks. */
interface Check
{
    /** By which its counts are kept: "price.missing". */
    public function key(): string;

    public function severity(): Severity;

    /** @return non-empty-list<Source> */
    public function reads(): array;

    /** Where what it finds is mended. */
    public function place(): FindingPlace;

    /** @return list<Finding> */
    public function findings(CheckedProduct $checked): array;
}
