<?php

declare(strict_types=1);

namespace App\Intake;

use App\Media\Streams;
use App\Refusals\PhotoRefused;
use ZipArchive;

/**
 * A ZIP as it lies on this machine. It is read entry by entry, never unpacked by the names it gives, and bounded before
 * anything of it is read.
 */
final class PictureArchive
{
    /** What programs put beside the pictures. */
    private const BESIDE = '~(^|/)(__MACOSX/|\.[^/]*$|Thumbs\.db$|desktop\.ini$)~i';

    private const PICTURES = [
        'jpg',
        'jpeg',
        'png',
        'webp',
        'tif',
        'tiff',
        'gif',
        'avif',
        'heic',
        'heif',
        'svg',
        'bmp',
        'psd',
        'mp4',
        'webm',
        'glb',
    ];

    /** How pictures, films and models begin, whatever their names: a pattern => the ending they are given. */
    private const BEGINNINGS = [
        '/^\xFF\xD8\xFF/' => 'jpg',
        '/^\x89PNG\r\n/' => 'png',
        '/^GIF8[79]a/' => 'gif',
        '/^RIFF.{4}WEBP/s' => 'webp',
        '/^(II\*\0|MM\0\*)/' => 'tif',
        '/^.{4}ftyp(avif|avis)/s' => 'avif',
        '/^.{4}ftyp(heic|heix|mif1)/s' => 'heic',
        '/^.{4}ftyp(isom|iso2|mp4[12]|avc1|M4V )/s' => 'mp4',
        '/^\x1A\x45\xDF\xA3/' => 'webm',
        '/^glTF/' => 'glb',
    ];

    /** Bytes of an entry by which it is recognized. */
    private const BEGINNING = 16;

    private const PIECE = 262_144;

    /** @param  list<ArchiveEntry>  $entries  that look like pictures, in order of their names */
    private function __construct(
        private readonly ZipArchive $zip,
        public readonly array $entries,
        public readonly int $passedOver,
    ) {}

    /**
     * @param  int  $mostEntries  of the archive, pictures or not
     * @param  int  $mostBytes  that all of it may take, unpacked
     * @param  int  $mostEach  bytes of a picture: larger entries are not unpacked, and do not count
     *
     * @throws PhotoRefused
     */
    public static function open(string $path, string $name, int $mostEntries, int $mostBytes, int $mostEach): self
    {
        $directory = ZipDirectory::read($path, $name, $mostEntries);
        $names = $directory->names;
        $zip = new ZipArchive();
        $path = $directory->before === 0 ? $path : self::without($path, $directory->before);
        // What the library finds is what the list said, or the file says two things.
        if ($zip->open($path, ZipArchive::RDONLY) !== true || $zip->numFiles !== count($names)) {
            throw new PhotoRefused(
                "{$name} is damaged and cannot be opened. Pack it again, or drop the folder itself.",
            );
        }
        $entries = [];
        $bytes = $passedOver = 0;
        foreach ($names as $at => $written) {
            $stat = $zip->statIndex($at, ZipArchive::FL_ENC_RAW);
            if ($stat === false || str_ends_with($written, '/')) {
                continue;
            }
            $inner = self::named($zip, $at, self::readable($written));
            if ($inner === null) {
                $passedOver++;

                continue;
            }
            $bytes += $stat['size'] <= $mostEach ? $stat['size'] : 0;
            $entries[] = new ArchiveEntry(
                $at,
                $inner,
                $stat['size'],
                $stat['crc'],
                $stat['encryption_method'] !== ZipArchive::EM_NONE,
            );
        }
        if ($bytes > $mostBytes) {
            throw new PhotoRefused(
                sprintf(
                    '%s would take %s GB unpacked; %s GB is the most. Pack it in several.',
                    $name,
                    number_format($bytes / 1_073_741_824, 1),
                    number_format($mostBytes / 1_073_741_824),
                ),
            );
        }
        usort($entries, fn(ArchiveEntry $a, ArchiveEntry $b): int => strnatcasecmp($a->path, $b->path));

        return new self($zip, $entries, $passedOver);
    }

    /** @return string the path of a copy beside the file that begins where the archive does */
    private static function without(string $path, int $before): string
    {
        $from = Streams::read($path);
        try {
            fseek($from, $before);
            file_put_contents("{$path}-archive", $from);
        } finally {
            fclose($from);
        }

        return "{$path}-archive";
    }

    /** @return ?string the path of a picture, with an ending that says of which kind; null for what is none */
    private static function named(ZipArchive $zip, int $at, string $inner): ?string
    {
        if (preg_match(self::BESIDE, $inner) === 1) {
            return null;
        }
        if (in_array(strtolower(pathinfo($inner, PATHINFO_EXTENSION)), self::PICTURES, true)) {
            return $inner;
        }
        $stream = $zip->getStreamIndex($at);
        $beginning = $stream === false ? '' : (string) fread($stream, self::BEGINNING);
        is_resource($stream) && fclose($stream);
        foreach (self::BEGINNINGS as $pattern => $ending) {
            if (preg_match($pattern, $beginning) === 1) {
                $isNameless = $inner === '' || str_ends_with($inner, '/');

                return ($isNameless ? $inner . 'picture ' . ($at + 1) : $inner) . ".{$ending}";
            }
        }

        return null;
    }

    /**
     * Writes one entry to a file of this machine.
     *
     * @param  string  $path  of the file that is written
     * @param  int  $most  bytes, whatever the entry says of itself
     *
     * @throws PhotoRefused
     */
    public function extract(ArchiveEntry $entry, string $path, int $most): void
    {
        if ($entry->isLocked) {
            throw new PhotoRefused("{$entry->file()} is locked with a password. Pack it again without one.");
        }
        if ($entry->leadsOut()) {
            throw new PhotoRefused(
                "“{$entry->path}” leads out of the archive; it was left there. Pack it again as a plain folder.",
            );
        }
        if ($entry->bytes > $most) {
            throw new PhotoRefused(
                sprintf(
                    '%s has %s MB; a picture can have %s MB. Save it smaller.',
                    $entry->file(),
                    number_format($entry->bytes / 1_048_576),
                    number_format($most / 1_048_576),
                ),
            );
        }
        $from = $this->zip->getStreamIndex($entry->index);
        $to = fopen($path, 'wb');
        $sum = hash_init('crc32b');
        try {
            $written = 0;
            while ($from !== false && $to !== false && !feof($from) && $written <= $most) {
                // An entry whose sum is wrong ends here with a warning, and is found by its length or its sum.
                $piece = @fread($from, self::PIECE);
                if ($piece === false) {
                    break;
                }
                hash_update($sum, $piece);
                $written += (int) fwrite($to, $piece);
            }
        } finally {
            is_resource($to) && fclose($to);
            is_resource($from) && fclose($from);
        }
        $isWhole = $from !== false && $to !== false && $written === $entry->bytes;
        if (!$isWhole || hash_final($sum) !== sprintf('%08x', $entry->sum & 0xffffffff)) {
            throw new PhotoRefused(
                "{$entry->file()} is damaged in the archive. Pack it again, or drop the picture itself.",
            );
        }
    }

    public function close(): void
    {
        $this->zip->close();
    }

    /** Names are in UTF-8, in UTF-16, or in what older programs took for granted. */
    private static function readable(string $name): string
    {
        if (str_contains($name, "\0")) {
            $isBigEndian = str_starts_with($name, "\xFE\xFF") || str_starts_with($name, "\0");
            $name = (string) mb_convert_encoding($name, 'UTF-8', $isBigEndian ? 'UTF-16BE' : 'UTF-16LE');
            $name = str_replace(["\0", "\u{FEFF}"], '', $name);
        }

        return str_replace(
            '\\',
            '/',
            mb_check_encoding($name, 'UTF-8') ? $name : (string) mb_convert_encoding($name, 'UTF-8', 'CP850'),
        );
    }
}
