<?php

declare(strict_types=1);

namespace App\Intake;

use App\Media\IncomingFile;
use App\Refusals\PhotoRefused;
use ZipArchive;

/** A ZIP as it lies on this machine. It is read entry by entry, never unpacked by the names it gives, and bounded before anything of it is read. */
final class PictureArchive
{
    /** How the end of a ZIP begins, and how long it can be: ZIP's application note, 4.3.16. */
    private const END = "PK\x05\x06";

    private const LONGEST_END = 22 + 65_535;

    /** Number of entries that says: more than fits here. */
    private const TOO_MANY_TO_SAY = 0xFFFF;

    /** What programs put beside the pictures. */
    private const BESIDE = '~(^|/)(__MACOSX/|\.[^/]*$|Thumbs\.db$|desktop\.ini$)~i';

    private const PICTURES = ['jpg', 'jpeg', 'png', 'webp', 'tif', 'tiff', 'gif', 'avif', 'heic', 'heif', 'svg', 'bmp', 'psd'];

    private const PIECE = 262_144;

    /** @param  list<ArchiveEntry>  $entries  that look like pictures, in order of their names */
    private function __construct(
        private readonly ZipArchive $zip,
        public readonly array $entries,
        public readonly int $passedOver,
    ) {
    }

    public static function isOne(string $path): bool
    {
        return in_array((string) file_get_contents($path, false, null, 0, 4), ["PK\x03\x04", self::END], true);
    }

    /**
     * @param  int  $mostEntries  of the archive, pictures or not
     * @param  int  $mostBytes  that all of it may take, unpacked
     * @param  int  $mostEach  bytes of a picture: larger entries are not unpacked, and do not count
     *
     * @throws PhotoRefused
     */
    public static function open(string $path, string $name, int $mostEntries, int $mostBytes, int $mostEach): self
    {
        $count = self::announced($path);
        if ($count > $mostEntries) {
            throw new PhotoRefused("{$name} holds ".($count === self::TOO_MANY_TO_SAY ? 'more than 65,000' : number_format($count)).' files; '.number_format($mostEntries).' is the most. Pack it in several.');
        }
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new PhotoRefused("{$name} is damaged and cannot be opened. Pack it again, or drop the folder itself.");
        }
        $entries = [];
        $bytes = $passedOver = 0;
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $stat = $zip->statIndex($at, ZipArchive::FL_ENC_RAW);
            $inner = $stat === false ? '' : self::readable($stat['name']);
            if ($stat === false || str_ends_with($inner, '/')) {
                continue;
            }
            if (preg_match(self::BESIDE, $inner) === 1 || ! in_array(strtolower(pathinfo($inner, PATHINFO_EXTENSION)), self::PICTURES, true)) {
                $passedOver++;

                continue;
            }
            $bytes += $stat['size'] <= $mostEach ? $stat['size'] : 0;
            $entries[] = new ArchiveEntry($at, $inner, $stat['size'], $stat['crc'], $stat['encryption_method'] !== ZipArchive::EM_NONE);
        }
        if ($bytes > $mostBytes) {
            throw new PhotoRefused(sprintf('%s would take %s GB unpacked; %s GB is the most. Pack it in several.', $name, number_format($bytes / 1_073_741_824, 1), number_format($mostBytes / 1_073_741_824)));
        }
        usort($entries, fn (ArchiveEntry $a, ArchiveEntry $b): int => strnatcasecmp($a->path, $b->path));

        return new self($zip, $entries, $passedOver);
    }

    /**
     * Writes one entry to a file of this machine, which the caller removes.
     *
     * @param  int  $most  bytes, whatever the entry says of itself
     *
     * @throws PhotoRefused
     */
    public function extract(ArchiveEntry $entry, int $most): IncomingFile
    {
        if ($entry->isLocked) {
            throw new PhotoRefused("{$entry->file()} is locked with a password. Pack it again without one.");
        }
        if ($entry->leadsOut()) {
            throw new PhotoRefused("“{$entry->path}” leads out of the archive; it was left there. Pack it again as a plain folder.");
        }
        if ($entry->bytes > $most) {
            throw new PhotoRefused(sprintf('%s has %s MB; a picture can have %s MB. Save it smaller.', $entry->file(), number_format($entry->bytes / 1_048_576), number_format($most / 1_048_576)));
        }
        $from = $this->zip->getStreamIndex($entry->index);
        $path = (string) tempnam(sys_get_temp_dir(), 'slate-intake');
        $to = fopen($path, 'wb');
        try {
            $written = 0;
            while ($from !== false && $to !== false && ! feof($from) && $written <= $most) {
                $piece = fread($from, self::PIECE);
                $written += $piece === false || $piece === '' ? 0 : (int) fwrite($to, $piece);
                if ($piece === false) {
                    break;
                }
            }
        } finally {
            is_resource($to) && fclose($to);
            is_resource($from) && fclose($from);
        }
        if ($from === false || $to === false || $written !== $entry->bytes) {
            @unlink($path);
            throw new PhotoRefused("{$entry->file()} is damaged in the archive. Pack it again, or drop the picture itself.");
        }

        return new IncomingFile($path, $entry->file());
    }

    public function close(): void
    {
        $this->zip->close();
    }

    /** How many entries the end of the archive says it has, before anything is read of them; 0 where it does not say. */
    private static function announced(string $path): int
    {
        $from = max(0, (int) filesize($path) - self::LONGEST_END);
        $tail = (string) file_get_contents($path, false, null, $from);
        $at = strrpos($tail, self::END);
        $count = $at === false ? false : unpack('v', substr($tail, $at + 10, 2));

        return $count === false ? 0 : (int) $count[1];
    }

    /** Names are in UTF-8, or in what older programs took for granted. */
    private static function readable(string $name): string
    {
        return str_replace('\\', '/', mb_check_encoding($name, 'UTF-8') ? $name : (string) mb_convert_encoding($name, 'UTF-8', 'CP850'));
    }
}
