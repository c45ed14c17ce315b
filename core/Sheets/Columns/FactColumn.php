<?php

declare(strict_types=1);

namespace Core\Sheets\Columns;

use Core\Details\Fact;
use Core\Details\FactKind;

/** A column of a fact: its name, with its kind in brackets where it is not a shown text: "Length (number, cm)". */
final readonly class FactColumn
{
    private const NOT_SHOWN = 'not shown';

    private function __construct(
        public string $name,
        public FactKind $kind = FactKind::Text,
        public string $unit = '',
        public bool $isShown = true,
    ) {}

    /** Brackets that say no kind belong to the name: "Length (outside)". */
    public static function of(string $named): self
    {
        if (preg_match('/^(.*\S)\s*\(([^()]*)\)$/u', trim($named), $found) !== 1) {
            return new self(trim($named));
        }
        $kind = FactKind::Text;
        $unit = '';
        $isShown = true;
        foreach (preg_split('/\s*,\s*/u', trim($found[2])) ?: [] as $at => $word) {
            $known = FactKind::tryFrom(mb_strtolower($word));
            if ($known !== null && $at === 0) {
                $kind = $known;
            } elseif (mb_strtolower($word) === self::NOT_SHOWN) {
                $isShown = false;
            } elseif ($kind === FactKind::Number && $unit === '') {
                $unit = $word;
            } else {
                return new self(trim($named));
            }
        }

        return new self($found[1], $kind, $unit, $isShown);
    }

    public static function ofFact(Fact $fact): self
    {
        return new self($fact->name, $fact->kind, $fact->unit, $fact->isShown);
    }

    /** Whether its header says nothing but its name. */
    public function isPlain(): bool
    {
        return $this->kind === FactKind::Text && $this->isShown;
    }

    /** As of() reads it. */
    public function text(): string
    {
        $words = array_filter(
            [
                $this->kind === FactKind::Text ? '' : $this->kind->value,
                $this->unit,
                $this->isShown ? '' : self::NOT_SHOWN,
            ],
            fn(string $word): bool => $word !== '',
        );

        return $this->name . ($words === [] ? '' : ' (' . implode(', ', $words) . ')');
    }
}
