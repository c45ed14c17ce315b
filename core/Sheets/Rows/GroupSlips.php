<?php

declare(strict_types=1);

namespace Core\Sheets\Rows;

use Core\Text\EditDistance;
use Core\Text\Name;
use Core\Text\NearWords;

/**
 * Finds products of a sheet that are probably one, parted by a slip of a letter in a name or a code. Both have to be the
 * same or nearly so, as a family may have codes that differ in a letter; and a word of one or two letters is no slip, but
 * a size.
 */
final class GroupSlips
{
    private const SHORTEST = 4;

    private readonly NearWords $names;

    private readonly NearWords $codes;

    /** @var array<string, int> folded code => the first that has it */
    private array $byCode = [];

    /** @var array<string, int> folded name => the first that has it */
    private array $byName = [];

    /** @var array<int, array{string, string}> position => folded code, folded name */
    private array $seen = [];

    public function __construct()
    {
        $this->names = new NearWords();
        $this->codes = new NearWords();
    }

    /** The one before it that a product is probably; null for none. From then on it is held against others. */
    public function see(int $position, string $code, string $name): ?int
    {
        $own = [Name::of($code)->folded, Name::of($name)->folded];
        $other =
            $this->byCode[$this->codes->near($own[0]) ?? ''] ??
            ($this->byName[$this->names->near($own[1]) ?? ''] ?? null);
        $isSlip =
            $other !== null &&
            $this->isSlip($own[0], $this->seen[$other][0]) &&
            $this->isSlip($own[1], $this->seen[$other][1]);
        $this->codes->add($own[0]);
        $this->names->add($own[1]);
        $this->byCode[$own[0]] ??= $position;
        if ($own[1] !== '') {
            $this->byName[$own[1]] ??= $position;
        }
        $this->seen[$position] = $own;

        return $isSlip ? $other : null;
    }

    /** Whether one text may be the other with a slip, or says nothing. */
    private function isSlip(string $one, string $other): bool
    {
        if ($one === '' || $other === '' || $one === $other) {
            return true;
        }
        $words = fn(string $text): array => preg_split('/[^\p{L}\p{N}]+/u', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        [$a, $b] = [$words($one), $words($other)];
        if (count($a) !== count($b)) {
            return EditDistance::atMostOne($one, $other);
        }
        foreach ($a as $at => $word) {
            $isShort = min(mb_strlen($word), mb_strlen($b[$at])) < self::SHORTEST;
            if ($word !== $b[$at] && ($isShort || !EditDistance::atMostOne($word, $b[$at]))) {
                return false;
            }
        }

        return true;
    }
}
