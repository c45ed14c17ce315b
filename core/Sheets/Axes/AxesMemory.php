<?php

declare(strict_types=1);

namespace Core\Sheets\Axes;

/**
 * Axes that were read out of rows already: products of one sheet mostly have the same. Only what the library knows
 * whole is remembered, so that it holds as long as nobody changes the library.
 */
final class AxesMemory
{
    /** @var array<string, ReadAxes> by what the rows say */
    private array $known = [];

    public function of(string $said): ?ReadAxes
    {
        return $this->known[$said] ?? null;
    }

    public function keep(string $said, ReadAxes $axes): void
    {
        $this->known[$said] = $axes;
    }
}
