<?php

declare(strict_types=1);

namespace Core\Details;

/** How many of a SKU can be ordered at a time. */
final readonly class OrderLimits
{
    /**
     * @param  ?int  $least  null for any
     * @param  ?int  $most  null for any
     */
    private function __construct(public ?int $least, public ?int $most) {}

    /** As both are kept; empty for none. */
    public static function of(string $least, string $most): self
    {
        return new self($least === '' ? null : (int) $least, $most === '' ? null : (int) $most);
    }

    /** Whether nobody could order. */
    public function areImpossible(): bool
    {
        return $this->least !== null && $this->most !== null && $this->least > $this->most;
    }
}
