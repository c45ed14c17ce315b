<?php

declare(strict_types=1);

namespace Core\Codes;

/**
 * How the codes of SKUs are put together: parts in order, what stands between them, the case of letters, the greatest
 * length.
 */
final readonly class CodePattern
{
    /** More parts nobody reads. */
    public const MOST_PARTS = 8;

    /**
     * @param  non-empty-list<CodePart>  $parts
     * @param  int  $longest  characters
     */
    private function __construct(
        public array $parts,
        public string $separator,
        public LetterCase $letters,
        public int $longest,
    ) {}

    /** "TB-SMK-MOSS-M": the product's code, and those of its values. */
    public static function usual(): self
    {
        return new self([CodePart::product(), CodePart::values()], '-', LetterCase::AsIs, SkuCodes::LONGEST);
    }

    /**
     * @param  list<CodePart>  $parts
     * @param  string  $longest  as typed; nothing for the longest there can be
     *
     * @throws UnreadableCodePattern
     */
    public static function of(array $parts, string $separator, LetterCase $letters, string $longest = ''): self
    {
        $met = [];
        foreach ($parts as $part) {
            $key = $part->kind === CodePartKind::Text ? null : "{$part->kind->value} {$part->axisId}";
            if ($key !== null && isset($met[$key])) {
                throw UnreadableCodePattern::isTwice($part->kind->inWords());
            }
            $met[$key ?? ''] = true;
        }
        if ($parts === []) {
            throw UnreadableCodePattern::isEmpty();
        }
        if (!in_array($separator, ['', '-', '.', '_', '/'], true)) {
            throw UnreadableCodePattern::noSeparator($separator);
        }
        $most =
            trim($longest) === ''
                ? SkuCodes::LONGEST
                : (preg_match('/^\d{1,2}$/', trim($longest)) === 1
                    ? (int) trim($longest)
                    : 0);
        if ($most < 4 || $most > SkuCodes::LONGEST) {
            throw UnreadableCodePattern::noLength($longest, SkuCodes::LONGEST);
        }

        return new self(array_slice($parts, 0, self::MOST_PARTS), $separator, $letters, $most);
    }

    /** The code of a SKU; where the pattern has no number, the number says nothing. */
    public function code(string $productCode, CodeParts $sku, int $number = 0): string
    {
        return $this->joined(
            array_map(
                fn(CodePart $part): string => $part->kind === CodePartKind::Number
                    ? $part->numbered($number)
                    : $this->part($part, $productCode, $sku),
                $this->parts,
            ),
        );
    }

    /** Its running number; null where it has none. */
    public function number(): ?CodePart
    {
        foreach ($this->parts as $part) {
            if ($part->kind === CodePartKind::Number) {
                return $part;
            }
        }

        return null;
    }

    /** @return array{string, string} what stands before and behind the number of a SKU's code */
    public function around(string $productCode, CodeParts $sku): array
    {
        $sides = [[], []];
        $side = 0;
        foreach ($this->parts as $part) {
            if ($part->kind === CodePartKind::Number) {
                $side = 1;
            } else {
                $sides[$side][] = $this->part($part, $productCode, $sku);
            }
        }
        [$before, $behind] = array_map($this->joined(...), $sides);

        return [$before === '' ? '' : $before . $this->separator, $behind === '' ? '' : $this->separator . $behind];
    }

    /** Whether the code says which value of an axis a SKU has. */
    public function says(int $axisId): bool
    {
        foreach ($this->parts as $part) {
            if ($part->kind === CodePartKind::Values || $part->axisId === $axisId) {
                return true;
            }
        }

        return false;
    }

    private function part(CodePart $part, string $productCode, CodeParts $sku): string
    {
        return match ($part->kind) {
            CodePartKind::Product => $productCode,
            CodePartKind::Text => $part->text,
            CodePartKind::Axis => $sku->values[$part->axisId]->code ?? '',
            CodePartKind::Values => implode(
                $this->separator,
                array_filter(
                    array_map(
                        fn(CodeValue $value): string => $value->code,
                        array_diff_key($sku->values, $this->named()),
                    ),
                    fn(string $code): bool => $code !== '',
                ),
            ),
            CodePartKind::Number => '',
        };
    }

    /** @return array<int, true> ids of the axes that have a place of their own */
    private function named(): array
    {
        $named = [];
        foreach ($this->parts as $part) {
            if ($part->kind === CodePartKind::Axis) {
                $named[$part->axisId] = true;
            }
        }

        return $named;
    }

    /** @param  list<string>  $parts */
    private function joined(array $parts): string
    {
        return $this->letters->of(
            implode($this->separator, array_filter($parts, fn(string $part): bool => $part !== '')),
        );
    }
}
