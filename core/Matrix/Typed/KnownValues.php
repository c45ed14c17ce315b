<?php

declare(strict_types=1);

namespace Core\Matrix\Typed;

use Core\Matrix\AxisKind;
use Core\Sizes\SizeReader;
use Core\Text\Name;
use Core\Text\NearWords;

/** The values that an axis has already, under all their names. */
final class KnownValues
{
    /** @var array<string, int> folded name => value id */
    private array $names = [];

    /** @var array<string, int> folded other word => value id */
    private array $words = [];

    /** @var array<string, int> the name without anything but letters and digits => value id */
    private array $bare = [];

    /** @var array<string, int> what a size means => value id */
    private array $sizes = [];

    private readonly NearWords $near;

    /**
     * @param  array<int, string>  $labels  value id => what it is called here
     * @param  list<array{int, string}>  $names  value id and name, before the labels; the first to have a name keeps it
     * @param  list<array{int, string}>  $words  value id and another word for it
     */
    public function __construct(
        private readonly array $labels,
        array $names = [],
        array $words = [],
        private readonly AxisKind $kind = AxisKind::Other,
    ) {
        $this->near = new NearWords();
        foreach (
            [...$names, ...array_map(fn(int $id, string $label): array => [$id, $label], array_keys($labels), $labels)]
            as [$id, $text]
        ) {
            $name = Name::of($text);
            if (!isset($this->names[$name->folded])) {
                $this->names[$name->folded] = $id;
                $this->bare[$name->bare()] ??= $id;
                $this->near->add($name->folded);
                if ($kind === AxisKind::Size) {
                    $this->sizes[(new SizeReader())->read($text)->identity()] ??= $id;
                }
            }
        }
        foreach ($words as [$id, $text]) {
            $this->words[Name::of($text)->folded] ??= $id;
        }
    }

    /** What the value is called on the product. */
    public function label(int $valueId): string
    {
        return $this->labels[$valueId];
    }

    /** The value of that name. */
    public function named(Name $name): ?int
    {
        return $this->names[$name->folded] ?? null;
    }

    /** The value that another word stands for. */
    public function meant(Name $word): ?int
    {
        return $this->words[$word->folded] ?? null;
    }

    /** A value that is called nearly so. */
    public function near(Name $name): ?int
    {
        $bare = $name->bare();
        if ($bare !== '' && isset($this->bare[$bare])) {
            return $this->bare[$bare];
        }
        if ($this->kind === AxisKind::Size) {
            return $this->sizes[(new SizeReader())->read($name->shown)->identity()] ?? null;
        }
        $near = $this->near->near($name->folded);

        return $near === null ? null : $this->names[$near];
    }
}
