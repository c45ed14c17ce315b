<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Process\Process;

/** Films and models for the tests, made as they are needed. */
final class Films
{
    /** A film of a test pattern. */
    public static function film(
        string $format = 'mp4',
        float $seconds = 2.0,
        string $size = '320x240',
        int $rate = 25,
    ): string {
        $path = tempnam(sys_get_temp_dir(), 'slate') . ".{$format}";
        $codec =
            $format === 'webm'
                ? ['-c:v', 'libvpx', '-deadline', 'realtime']
                : ['-c:v', 'libx264', '-pix_fmt', 'yuv420p'];
        (new Process([
            'ffmpeg',
            '-nostdin',
            '-v',
            'error',
            '-y',
            '-f',
            'lavfi',
            '-i',
            "testsrc=duration={$seconds}:size={$size}:rate={$rate}",
            ...$codec,
            $path,
        ]))->mustRun();

        return $path;
    }

    /**
     * A triangle as binary glTF.
     *
     * @param  callable(array<string, mixed>): array<string, mixed>  $change  of its description
     */
    public static function model(?callable $change = null, string $data = ''): string
    {
        $data = $data === '' ? pack('g9', 0, 0, 0, 1, 0, 0, 0, 1, 0) : $data;
        $tree = [
            'asset' => ['version' => '2.0'],
            'scene' => 0,
            'scenes' => [['nodes' => [0]]],
            'nodes' => [['mesh' => 0]],
            'meshes' => [['primitives' => [['attributes' => ['POSITION' => 0]]]]],
            'buffers' => [['byteLength' => 36]],
            'bufferViews' => [['buffer' => 0, 'byteLength' => 36]],
            'accessors' => [
                [
                    'bufferView' => 0,
                    'componentType' => 5126,
                    'count' => 3,
                    'type' => 'VEC3',
                    'min' => [0, 0, 0],
                    'max' => [1, 1, 0],
                ],
            ],
        ];
        $json = json_encode($change === null ? $tree : $change($tree), JSON_THROW_ON_ERROR);
        $json .= str_repeat(' ', (4 - (strlen($json) % 4)) % 4);

        return pack('V3', 0x46546c67, 2, 28 + strlen($json) + strlen($data)) .
            pack('V2', strlen($json), 0x4e4f534a) .
            $json .
            pack('V2', strlen($data), 0x004e4942) .
            $data;
    }

    public static function file(string $content): string
    {
        $path = tempnam(sys_get_temp_dir(), 'slate');
        file_put_contents($path, $content);

        return $path;
    }
}
