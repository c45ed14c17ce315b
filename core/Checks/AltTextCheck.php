<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Gallery\AltTexts\AltFault;

/** What texts that stand for pictures are held against. */
enum AltTextCheck: string implements Check
{
    case Gap = 'alt.gap';
    case Double = 'alt.double';
    case Long = 'alt.long';

    public function key(): string
    {
        return $this->value;
    }

    public function severity(): Severity
    {
        return $this === self::Long ? Severity::Advise : Severity::Warn;
    }

    public function reads(): array
    {
        return [Source::Product, Source::Library];
    }

    public function place(): FindingPlace
    {
        return FindingPlace::on(Page::Contact);
    }

    public function findings(CheckedProduct $checked): array
    {
        $fault = match ($this) {
            self::Gap => AltFault::Gap,
            self::Double => AltFault::Double,
            self::Long => AltFault::Long,
        };
        $files = array_column($checked->product->state->pictures, 'file', 'id');
        $findings = [];
        foreach ($checked->altFaults() as $id => $faults) {
            if (in_array($fault, $faults, true)) {
                $findings[] = new Finding($this, "The text of {$files[$id]}: {$fault->value}.", placementId: $id);
            }
        }

        return $findings;
    }
}
