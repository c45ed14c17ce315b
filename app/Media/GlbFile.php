<?php

declare(strict_types=1);

namespace App\Media;

use App\Refusals\PhotoRefused;

/** A model as binary glTF 2.0: its container. Source: Khronos, glTF 2.0 Specification, 4 (GLB). */
final class GlbFile
{
    private const MAGIC = 0x46546C67;

    private const JSON = 0x4E4F534A;

    private const BIN = 0x004E4942;

    private const MOST_JSON = 8 * 1024 * 1024;

    private const DEEP = 64;

    /** Side of the poster that stands for a model until somebody takes one. */
    public const POSTER = 1_200;

    /** @throws PhotoRefused */
    public static function inspect(IncomingFile $file, int $bytes): InspectedPhoto
    {
        $fault = self::fault((string) file_get_contents($file->path));
        if ($fault !== null) {
            throw new PhotoRefused("{$file->name} is no model that can be used: {$fault}. Export it again as one GLB file, glTF 2.0.");
        }

        return new InspectedPhoto('glb', self::POSTER, self::POSTER, $bytes, false);
    }

    /** What is wrong with a model, as part of a sentence; null where nothing is. */
    public static function fault(string $content): ?string
    {
        if (strlen($content) < 20) {
            return 'it ends before its header does';
        }
        /** @var array{magic: int, version: int, length: int, size: int, kind: int} $head */
        $head = unpack('Vmagic/Vversion/Vlength/Vsize/Vkind', $content);
        if ($head['magic'] !== self::MAGIC || $head['version'] !== 2) {
            return 'it is not glTF 2.0';
        }
        if ($head['length'] !== strlen($content) || $head['kind'] !== self::JSON || $head['size'] > self::MOST_JSON || 20 + $head['size'] > $head['length'] || $head['size'] % 4 !== 0) {
            return 'its length is not what it says';
        }
        $tree = json_decode(substr($content, 20, $head['size']), true, self::DEEP);
        if (! is_array($tree)) {
            return 'its description is not readable';
        }
        $binary = self::binary($content, 20 + $head['size']);

        return is_string($binary) ? $binary : GltfTree::fault($tree, $binary);
    }

    /** @return int|string bytes of the binary part, 0 for none; or what is wrong with it */
    private static function binary(string $content, int $from): int|string
    {
        if ($from === strlen($content)) {
            return 0;
        }
        if ($from + 8 > strlen($content)) {
            return 'its length is not what it says';
        }
        /** @var array{size: int, kind: int} $chunk */
        $chunk = unpack('Vsize/Vkind', $content, $from);

        return $chunk['kind'] !== self::BIN || $from + 8 + $chunk['size'] > strlen($content) || $chunk['size'] % 4 !== 0 ? 'its length is not what it says' : $chunk['size'];
    }
}
