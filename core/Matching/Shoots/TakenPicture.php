<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

/** A picture as it was taken: by which camera, when, and what card is seen in it. */
final readonly class TakenPicture
{
    /**
     * @param  string  $file  its name, with the ending
     * @param  string  $folder  the folders it lay in; empty for none
     * @param  string  $camera  as the picture says it; empty where it does not
     * @param  ?string  $takenAt  by the camera's own clock, so written that text sorts as time; null where nobody knows
     * @param  ?int  $changedMs  when its file was changed last, in milliseconds since 1970
     * @param  bool  $isCard  whether it shows a slate card, ours or not
     * @param  ?FoundCard  $card  the card, where it is one of ours
     */
    public function __construct(
        public string $file,
        public string $folder = '',
        public string $camera = '',
        public ?string $takenAt = null,
        public ?int $changedMs = null,
        public bool $isCard = false,
        public ?FoundCard $card = null,
    ) {}

    /** Whose pictures follow one another: the camera's, or those of a folder where no camera is told. */
    public function roll(): string
    {
        return $this->camera === '' ? "folder {$this->folder}" : "camera {$this->camera}";
    }

    /** @return ?string the last run of digits of its name; null where it has none */
    public function number(): ?string
    {
        $name = (string) preg_replace('/\.[^.]*$/', '', $this->file);

        return preg_match('/(\d+)\D*$/', $name, $found) === 1 ? $found[1] : null;
    }

    /** @return ?float seconds from a time long ago, on the camera's own clock; null where nobody knows */
    public function seconds(): ?float
    {
        if (
            preg_match('/^(\d{4})-(\d\d)-(\d\d)[ T](\d\d):(\d\d):(\d\d(?:\.\d+)?)/', (string) $this->takenAt, $part) !==
            1
        ) {
            return null;
        }
        // Days of the Gregorian calendar, each year counted from March, so that February ends it.
        $month = ((int) $part[2] + 9) % 12;
        $year = (int) $part[1] - intdiv($month, 10);
        $days =
            365 * $year +
            intdiv($year, 4) -
            intdiv($year, 100) +
            intdiv($year, 400) +
            intdiv(306 * $month + 5, 10) +
            (int) $part[3];

        return 86_400.0 * $days + 3600.0 * (int) $part[4] + 60.0 * (int) $part[5] + (float) $part[6];
    }
}
