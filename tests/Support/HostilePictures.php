<?php

declare(strict_types=1);

namespace Tests\Support;

use Imagick;

/** Picture files that mean harm, each made here: small on disk, and slow or large once they are read. */
final class HostilePictures
{
    private const SIGNATURE = "\x89PNG\r\n\x1a\n";

    /** A progressive JPEG whose last scan comes again and again: every one goes over all pixels. */
    public static function manyScans(int $side = 5_000, int $scans = 900): string
    {
        $picture = new Imagick();
        $picture->newPseudoImage(500, 500, 'plasma:');
        $picture->scaleImage($side, $side);
        $picture->setImageFormat('jpeg');
        $picture->setInterlaceScheme(Imagick::INTERLACE_JPEG);
        $jpeg = $picture->getImageBlob();
        $last = (int) strrpos($jpeg, "\xff\xda");
        $scan = substr($jpeg, $last, -2);

        return self::written(
            'scans.jpg',
            substr($jpeg, 0, $last) .
                str_repeat($scan, max(1, min($scans, intdiv(38_000_000, strlen($scan))))) .
                "\xff\xd9",
        );
    }

    /** The same of one color only: each scan has a few hundred bytes, and still goes over 59 million pixels. */
    public static function emptyScans(int $scans = 5_000): string
    {
        $picture = new Imagick();
        $picture->newImage(7_700, 7_700, '#5f7049', 'jpeg');
        $picture->setInterlaceScheme(Imagick::INTERLACE_JPEG);
        $jpeg = $picture->getImageBlob();
        $scan = substr($jpeg, (int) strrpos($jpeg, "\xff\xda"), -2);

        return self::written('empty.jpg', substr($jpeg, 0, -2) . str_repeat($scan, $scans) . "\xff\xd9");
    }

    /** 60 million pixels in a few kilobytes: no decoder believes it. */
    public static function bloated(): string
    {
        return self::png('bloated.png', 16_000, 3_750, 1, str_repeat("\0", 2_001), 3_750);
    }

    /** As many pixels as a picture may have, of which something is seen: 480 MB once it is decoded. */
    public static function largest(): string
    {
        mt_srand(7);
        $part = implode('', array_map(fn(): string => chr(mt_rand(0, 255)), range(1, 997)));

        return self::png('largest.png', 16_000, 3_750, 8, "\0" . substr(str_repeat($part, 17), 0, 16_000), 3_750);
    }

    /** A small picture with a text of a gigabyte, packed. */
    public static function longText(int $megabytes = 1_024): string
    {
        $deflate = deflate_init(ZLIB_ENCODING_DEFLATE, ['level' => 1]);
        $packed = '';
        $part = str_repeat('a', 1_048_576);
        for ($at = 0; $at < $megabytes; $at++) {
            $packed .= deflate_add($deflate, $part, ZLIB_NO_FLUSH);
        }
        $packed .= deflate_add($deflate, '', ZLIB_FINISH);

        return self::png(
            'text.png',
            300,
            200,
            8,
            str_repeat("\x40", 301),
            200,
            self::chunk('zTXt', "Comment\0\0" . $packed),
        );
    }

    private static function png(
        string $name,
        int $width,
        int $height,
        int $depth,
        string $row,
        int $rows,
        string $more = '',
    ): string {
        $deflate = deflate_init(ZLIB_ENCODING_DEFLATE, ['level' => 9]);
        $data = '';
        for ($at = 0; $at < $rows; $at++) {
            $data .= deflate_add($deflate, "\0" . substr($row, 1), ZLIB_NO_FLUSH);
        }
        $data .= deflate_add($deflate, '', ZLIB_FINISH);

        return self::written(
            $name,
            self::SIGNATURE .
                self::chunk('IHDR', pack('NNCCCCC', $width, $height, $depth, 0, 0, 0, 0)) .
                $more .
                self::chunk('IDAT', $data) .
                self::chunk('IEND', ''),
        );
    }

    private static function chunk(string $type, string $data): string
    {
        return pack('N', strlen($data)) . $type . $data . pack('N', crc32($type . $data));
    }

    private static function written(string $name, string $bytes): string
    {
        $path = tempnam(sys_get_temp_dir(), 'slate') . '-' . $name;
        file_put_contents($path, $bytes);

        return $path;
    }
}
