<?php

declare(strict_types=1);

namespace Core\Checks;

/** What swatches, and pictures of colors, are held against. */
enum SwatchCheck: string implements Check
{
    case Missing = 'swatch.missing';
    case Alike = 'swatch.alike';
    case AlikeWithout = 'swatch.alike-deficiency';
    case Far = 'swatch.far';
    case Mislabeled = 'picture.mislabeled';
    case HardlySeen = 'swatch.hardly-seen';
    case HardlyRead = 'swatch.hardly-read';

    public function severity(): Severity
    {
        return match ($this) {
            self::Missing, self::Alike, self::Far, self::Mislabeled => Severity::Warn,
            self::AlikeWithout, self::HardlySeen, self::HardlyRead => Severity::Advise,
        };
    }

    public function key(): string
    {
        return $this->value;
    }

    public function reads(): array
    {
        return [Source::Product, Source::Library, Source::Photo];
    }

    public function place(): FindingPlace
    {
        return FindingPlace::on(Page::Colors);
    }

    public function findings(CheckedProduct $checked): array
    {
        return $checked->ofSwatches($this);
    }

    /** A heading for what was found. */
    public function inWords(): string
    {
        return match ($this) {
            self::Missing => 'No swatch',
            self::Alike => 'Too alike',
            self::AlikeWithout => 'Alike for some eyes',
            self::Far => 'Far from its pictures',
            self::Mislabeled => 'Looks like another color',
            self::HardlySeen => 'Hardly seen on white',
            self::HardlyRead => 'Name hardly read on it',
        };
    }
}
