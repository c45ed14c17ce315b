<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Media\MediaKind;
use App\Store\PlacementRow;

/** A picture in the tray as drawn. */
final readonly class TrayCard
{
    /**
     * @param  list<string>  $badges  roles done in the selection, such as "Lead"
     * @param  list<string>  $reasons  sentences: why it is here, and why it has its roles
     * @param  int  $place  in the gallery, from 1; 0 outside one
     */
    public function __construct(
        public PlacementRow $row,
        public ?string $thumb,
        public string $text,
        public string $reach,
        public array $badges = [],
        public array $reasons = [],
        public int $place = 0,
        public bool $isHidden = false,
    ) {}

    /** What a pointer that rests on it is told: why it is here, or what a press does. */
    public function hint(): string
    {
        return $this->reasons === []
            ? __('board.mark_file', ['file' => $this->row->file()])
            : implode("\n", $this->reasons);
    }

    /** "4,032 × 3,024 px, 2,310.5 kB", a film's seconds too. */
    public function measures(): string
    {
        return __($this->isFilm() ? 'board.measures_of_a_film' : 'board.measures', [
            'width' => $this->row->width,
            'height' => $this->row->height,
            'kilobytes' => (int) round($this->row->bytes / 1024),
            'seconds' => $this->row->milliseconds / 1000,
        ]);
    }

    public function isFilm(): bool
    {
        return $this->row->kind() === MediaKind::Film;
    }

    /** The place before its own, from 0; the first stays where it is. */
    public function earlier(): int
    {
        return max(0, $this->place - 2);
    }
}
