<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * ZIPs as programs, and people who mean harm, write them: byte by byte. Layout: PKWARE, .ZIP File Format Specification.
 */
final class RawZip
{
    /**
     * @param  array<string, string>  $entries  name as it stands there => content, stored unpacked
     * @param  string  $before  data before the archive, which its offsets do not count
     * @param  int  $sumOff  what is added to each checksum
     * @param  ?callable(int, int, int): string  $end  given the number of entries, bytes and place of the list: its end
     * @return string path
     */
    public static function of(array $entries, string $before = '', int $sumOff = 0, ?callable $end = null): string
    {
        $local = $list = '';
        foreach ($entries as $name => $content) {
            $name = (string) $name;
            $offset = strlen($local);
            $sum = (crc32($content) + $sumOff) & 0xffffffff;
            $local .=
                pack(
                    'VvvvvvVVVvv',
                    0x04034b50,
                    20,
                    0,
                    0,
                    0,
                    0,
                    $sum,
                    strlen($content),
                    strlen($content),
                    strlen($name),
                    0,
                ) .
                $name .
                $content;
            $list .=
                pack(
                    'VvvvvvvVVVvvvvvVV',
                    0x02014b50,
                    20,
                    20,
                    0,
                    0,
                    0,
                    0,
                    $sum,
                    strlen($content),
                    strlen($content),
                    strlen($name),
                    0,
                    0,
                    0,
                    0,
                    0,
                    $offset,
                ) . $name;
        }
        $end ??= self::end(...);
        $path = sys_get_temp_dir() . '/slate-' . bin2hex(random_bytes(6)) . '.zip';
        file_put_contents($path, $before . $local . $list . $end(count($entries), strlen($list), strlen($local)));

        return $path;
    }

    public static function end(int $count, int $bytes, int $at, string $comment = ''): string
    {
        return pack('VvvvvVVv', 0x06054b50, 0, 0, $count, $count, $bytes, $at, strlen($comment)) . $comment;
    }

    /** The ends of ZIP64: the record, where it is, and the old end with a number of its own choosing. */
    public static function end64(int $count, int $bytes, int $at, int $saidInOldEnd): string
    {
        return pack('VPvvVVPPPP', 0x06064b50, 44, 45, 45, 0, 0, $count, $count, $bytes, $at) .
            pack('VVPV', 0x07064b50, 0, $at + $bytes, 1) .
            self::end($saidInOldEnd, $bytes, $at);
    }
}
