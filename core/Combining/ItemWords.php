<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Changes\Matrix\SharedAxis;
use Core\Color\Names\ColorNames;
use Core\Matrix\AxisKind;
use Core\Sizes\SizeReader;
use Core\Text\Name;

/** The values that names of items can say: those of the shop, in all their words, and usual sizes and colors. */
final class ItemWords
{
    /** Words that a value can have. */
    public const LONGEST = 3;

    /** Numbers are sizes only where the shop has them: they may be models as well. */
    private const SIZE = '/^(?:\d{0,2}x{0,4}[sl]|m|one size|small|medium|large|extra large|extra small)$/iu';

    /** Common practice, no source. */
    private const SHADES = ['light', 'dark', 'deep', 'pale', 'bright', 'mid', 'hell', 'dunkel', 'clair', 'fonce'];

    /** @var array<string, list<ValueWord>> folded words => what they can say, the likeliest first */
    private array $words = [];

    /** @var array<string, ValueWord> what a size means => the shop's own */
    private array $sizesByMeaning = [];

    private ?string $sizes = null;

    private ?string $colors = null;

    private readonly SizeReader $sizeReader;

    /** @param  list<SharedAxis>  $axes  of the shop */
    public function __construct(array $axes)
    {
        $this->sizeReader = new SizeReader();
        foreach ($axes as $axis) {
            $this->sizes ??= $axis->kind === AxisKind::Size ? $axis->name : null;
            $this->colors ??= $axis->kind === AxisKind::Color ? $axis->name : null;
            foreach ($axis->values as $value) {
                $own = new ValueWord($axis->name, $value->name, true);
                foreach ([$value->name, ...$value->words] as $word) {
                    $folded = Name::of($word)->folded;
                    $this->words[$folded] = $this->looksLike($folded, $axis->kind)
                        ? [$own, ...$this->words[$folded] ?? []]
                        : [...$this->words[$folded] ?? [], $own];
                }
                if ($axis->kind === AxisKind::Size) {
                    $this->sizesByMeaning[$this->sizeReader->read($value->name)->identity()] ??= $own;
                }
            }
        }
    }

    /**
     * @param  string  $words  folded, with single spaces between
     * @return list<ValueWord> what they can say, the likeliest first
     */
    public function find(string $words): array
    {
        $known = $this->words[$words] ?? [];
        if ($known !== []) {
            return $known;
        }
        if (preg_match(self::SIZE, $words) === 1) {
            $own = $this->sizesByMeaning[$this->sizeReader->read($words)->identity()] ?? null;

            return [$own ?? new ValueWord($this->sizes ?? 'Size', mb_strtoupper($words), false)];
        }

        return $this->isColor($words)
            ? [new ValueWord($this->colors ?? 'Color', mb_convert_case($words, MB_CASE_TITLE), false)]
            : [];
    }

    private function looksLike(string $words, AxisKind $kind): bool
    {
        return match ($kind) {
            AxisKind::Size => preg_match(self::SIZE, $words) === 1,
            AxisKind::Color => $this->isColor($words),
            default => false,
        };
    }

    /** Whether each of the words is a color, or says which of it: a text with a color in it is none. */
    private function isColor(string $words): bool
    {
        $colors = 0;
        foreach (explode(' ', $words) as $word) {
            $isColor = preg_match('/\d/', $word) !== 1 && ColorNames::hex($word) !== null;
            $colors += $isColor ? 1 : 0;
            if (!$isColor && !in_array($word, self::SHADES, true)) {
                return false;
            }
        }

        return $colors > 0;
    }
}
