<?php

declare(strict_types=1);

namespace App\Media\Marks;

/** What a picture says of how it was taken, and the codes that can be seen in it. */
final readonly class PictureMarks
{
    /** "2026:11:30 10:11:12", as EXIF writes when a picture was taken. EXIF 2.32, 4.6.5. */
    private const TIME = '/^(\d{4}):(\d\d):(\d\d) (\d\d):(\d\d):(\d\d)$/';

    private const LONGEST_CAMERA = 120;

    /**
     * @param  ?string  $takenAt  by the camera's own clock: "2026-11-30 10:11:12.250000"; null where it is not written
     * @param  string  $camera  maker, model and number, as far as they are written; empty for none
     * @param  list<string>  $codes  what the codes in it hold
     */
    public function __construct(public ?string $takenAt = null, public string $camera = '', public array $codes = []) {}

    /**
     * @param  array<string, string>  $exif  field => text, as PhotoDeriver leaves them
     * @param  list<string>  $codes
     */
    public static function of(array $exif, array $codes): self
    {
        $camera = array_map(
            fn(string $field): string => trim((string) preg_replace('/[\x00-\x1f\x7f]+/', '', $exif[$field] ?? '')),
            ['Make', 'Model', 'BodySerialNumber'],
        );

        return new self(
            self::time($exif['DateTimeOriginal'] ?? '', $exif['SubSecTimeOriginal'] ?? ''),
            mb_substr(
                mb_scrub(implode(' ', array_filter($camera, fn(string $part): bool => $part !== ''))),
                0,
                self::LONGEST_CAMERA,
            ),
            $codes,
        );
    }

    private static function time(string $written, string $fraction): ?string
    {
        if (preg_match(self::TIME, trim($written), $found) !== 1) {
            return null;
        }
        [, $year, $month, $day, $hour, $minute, $second] = array_map(intval(...), $found);
        if (!checkdate($month, $day, $year) || $year < 1900 || $hour > 23 || $minute > 59 || $second > 59) {
            return null;
        }
        $fraction =
            preg_match('/^\d+/', trim($fraction), $digits) === 1 ? substr("{$digits[0]}000000", 0, 6) : '000000';

        return sprintf('%04d-%02d-%02d %02d:%02d:%02d.%s', $year, $month, $day, $hour, $minute, $second, $fraction);
    }
}
