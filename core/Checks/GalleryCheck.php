<?php

declare(strict_types=1);

namespace Core\Checks;

/** What galleries are held against. */
enum GalleryCheck: string implements Check
{
    case Missing = 'view.missing';
    case Unlinked = 'picture.unlinked';
    case OtherSequence = 'sequence.other';

    public function key(): string
    {
        return $this->value;
    }

    public function severity(): Severity
    {
        return $this === self::Missing ? Severity::Warn : Severity::Advise;
    }

    public function reads(): array
    {
        return [Source::Product, Source::Library];
    }

    public function place(): FindingPlace
    {
        return FindingPlace::on(
            match ($this) {
                self::Missing => Page::Coverage,
                self::Unlinked => Page::Board,
                self::OtherSequence => Page::Contact,
            },
        );
    }

    public function findings(CheckedProduct $checked): array
    {
        $count = match ($this) {
            self::Missing => $this->missing($checked),
            self::Unlinked => $this->unlinked($checked),
            self::OtherSequence => $checked->sheet()->differing(),
        };

        return $count === 0 ? [] : [new Finding($this, $this->inWords($count), count: $count)];
    }

    private function inWords(int $count): string
    {
        $many = number_format($count);

        return match ($this) {
            self::Missing => $many . ($count === 1 ? ' wanted view is' : ' wanted views are') . ' missing',
            self::Unlinked => $many . ($count === 1 ? ' picture is' : ' pictures are') . ' not linked yet',
            self::OtherSequence => $many . ($count === 1 ? ' gallery has' : ' galleries have') . ' another sequence',
        };
    }

    /** Views that are required, over all picture combinations. */
    private function missing(CheckedProduct $checked): int
    {
        $missing = 0;
        foreach ($checked->product->coverage()->rows ?? [] as $row) {
            $missing += $row->lacks();
        }

        return $missing;
    }

    private function unlinked(CheckedProduct $checked): int
    {
        return count($checked->product->state->pictures) - count($checked->product->galleries()->reaching());
    }
}
