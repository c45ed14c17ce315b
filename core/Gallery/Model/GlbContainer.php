<?php

declare(strict_types=1);

namespace Core\Gallery\Model;

/** A model as binary glTF 2.0: its container. Source: Khronos, glTF 2.0 Specification, 4 (GLB). */
final class GlbContainer
{
    private const MAGIC = 0x46546c67;

    private const JSON = 0x4e4f534a;

    private const BIN = 0x004e4942;

    private const MOST_JSON = 8 * 1024 * 1024;

    private const DEEP = 64;

    private const WRONG_LENGTH = 'its length is not what it says';

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
        $isWhole = $head['length'] === strlen($content) && 20 + $head['size'] <= $head['length'];
        $isDescribed = $head['kind'] === self::JSON && $head['size'] <= self::MOST_JSON && $head['size'] % 4 === 0;
        if (!$isWhole || !$isDescribed) {
            return self::WRONG_LENGTH;
        }
        $tree = json_decode(substr($content, 20, $head['size']), true, self::DEEP);
        if (!is_array($tree)) {
            return 'its description is not readable';
        }
        $bytes = self::binaryBytes($content, 20 + $head['size']);

        return $bytes === null ? self::WRONG_LENGTH : GltfTree::fault($tree, $bytes);
    }

    /** @return ?int bytes of the binary part, 0 where there is none; null where it is not what it says */
    private static function binaryBytes(string $content, int $from): ?int
    {
        if ($from === strlen($content)) {
            return 0;
        }
        if ($from + 8 > strlen($content)) {
            return null;
        }
        /** @var array{size: int, kind: int} $chunk */
        $chunk = unpack('Vsize/Vkind', $content, $from);
        $isWhole = $from + 8 + $chunk['size'] <= strlen($content) && $chunk['size'] % 4 === 0;

        return $chunk['kind'] === self::BIN && $isWhole ? $chunk['size'] : null;
    }
}
