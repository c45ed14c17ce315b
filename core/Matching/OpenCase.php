<?php

declare(strict_types=1);

namespace Core\Matching;

/** What has been found so far about one picture, while it is judged. */
final class OpenCase
{
    /** Of what contradicts itself, or leaves open what has to be said. */
    public const IN_DOUBT = 0.5;

    public float $confidence = 1.0;

    /** Whether the product is told by a part of its name only. */
    public bool $isByPart = false;

    /** @var list<string> */
    public array $reasons = [];

    /** @var list<Doubt> */
    public array $doubts = [];

    /** Where the picture speaks against the name. */
    public ?Contradiction $contradiction = null;

    /** @var array<int, true> axis ids of which a value is named that the product does not have */
    public array $foreign = [];

    /** @var array<int, true> axis ids of which the value is told by a guessed form of its name */
    public array $byForm = [];

    /** @var array<int, true> axis ids of which the value is told by a slate card alone */
    public array $byCard = [];

    /** Speaks against the reading, which is no surer than that any more. */
    public function doubt(DoubtKind $kind, string $sentence, float $atMost = self::IN_DOUBT): void
    {
        $this->atMost($atMost);
        $this->doubts[] = new Doubt($kind, $sentence);
    }

    /** A chain is as strong as its weakest link. */
    public function atMost(float $confidence): void
    {
        $this->confidence = min($this->confidence, $confidence);
    }
}
