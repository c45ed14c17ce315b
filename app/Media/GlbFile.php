<?php

declare(strict_types=1);

namespace App\Media;

use App\Refusals\PhotoRefused;

/**
 * A model as binary glTF 2.0, held against what every reader has to rely on: the container, what refers to what, and
 * that nothing lies outside of the file. Source: Khronos, glTF 2.0 Specification, 3.6 (buffers), 4 (GLB).
 */
final class GlbFile
{
    private const MAGIC = 0x46546C67;

    private const JSON = 0x4E4F534A;

    private const BIN = 0x004E4942;

    private const MOST_JSON = 8 * 1024 * 1024;

    private const DEEP = 64;

    /** Bytes of a component, by its type (3.6.2.2). */
    private const COMPONENTS = [5120 => 1, 5121 => 1, 5122 => 2, 5123 => 2, 5125 => 4, 5126 => 4];

    /** Components of an element, by its type. */
    private const ELEMENTS = ['SCALAR' => 1, 'VEC2' => 2, 'VEC3' => 3, 'VEC4' => 4, 'MAT2' => 4, 'MAT3' => 9, 'MAT4' => 16];

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

        return is_string($binary) ? $binary : self::treeFault($tree, $binary);
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

    /** @param  array<array-key, mixed>  $tree */
    private static function treeFault(array $tree, int $binary): ?string
    {
        if (! is_string($tree['asset']['version'] ?? null) || ! str_starts_with($tree['asset']['version'], '2.')) {
            return 'it is not glTF 2.0';
        }
        if (($tree['extensionsRequired'] ?? []) !== []) {
            return 'it needs '.implode(', ', array_filter((array) $tree['extensionsRequired'], is_string(...))).', which not every reader has';
        }
        $list = fn (string $name): array => is_array($tree[$name] ?? null) ? array_values(array_map(fn (mixed $one): array => is_array($one) ? $one : [], $tree[$name])) : [];
        [$buffers, $views, $accessors] = [$list('buffers'), $list('bufferViews'), $list('accessors')];
        foreach ([...$buffers, ...$list('images')] as $one) {
            if (isset($one['uri'])) {
                return 'it refers to other files';
            }
        }
        if (count($buffers) > 1 || (isset($buffers[0]) && (int) ($buffers[0]['byteLength'] ?? -1) > $binary) || (isset($buffers[0]) && $binary - (int) ($buffers[0]['byteLength'] ?? 0) > 3)) {
            return 'its data are not all in it';
        }
        foreach ($views as $view) {
            if (! isset($buffers[$view['buffer'] ?? -1]) || (int) ($view['byteLength'] ?? 0) < 1 || (int) ($view['byteOffset'] ?? 0) + (int) $view['byteLength'] > (int) $buffers[0]['byteLength']) {
                return 'a part of its data lies outside of it';
            }
        }

        return self::accessorFault($accessors, $views) ?? self::referenceFault($list, count($accessors));
    }

    /**
     * @param  list<array<array-key, mixed>>  $accessors
     * @param  list<array<array-key, mixed>>  $views
     */
    private static function accessorFault(array $accessors, array $views): ?string
    {
        foreach ($accessors as $accessor) {
            $size = (self::COMPONENTS[$accessor['componentType'] ?? 0] ?? 0) * (self::ELEMENTS[$accessor['type'] ?? ''] ?? 0);
            $count = (int) ($accessor['count'] ?? 0);
            if ($size === 0 || $count < 1) {
                return 'it counts in a way that glTF does not know';
            }
            $view = isset($accessor['bufferView']) ? $views[$accessor['bufferView']] ?? null : [];
            if ($view === null) {
                return 'a part of its data is not there';
            }
            $step = (int) ($view['byteStride'] ?? $size);
            if ($view !== [] && (int) ($accessor['byteOffset'] ?? 0) + $step * ($count - 1) + $size > (int) $view['byteLength']) {
                return 'a part of its data lies outside of it';
            }
        }

        return null;
    }

    /** @param  callable(string): list<array<array-key, mixed>>  $list */
    private static function referenceFault(callable $list, int $accessors): ?string
    {
        $has = fn (string $name, mixed $at): bool => is_int($at) && isset($list($name)[$at]);
        foreach ($list('meshes') as $mesh) {
            foreach ((array) ($mesh['primitives'] ?? []) as $primitive) {
                $used = [...array_values((array) ($primitive['attributes'] ?? [])), ...(isset($primitive['indices']) ? [$primitive['indices']] : [])];
                if (! isset($primitive['attributes']['POSITION']) && $used === [] || array_filter($used, fn (mixed $at): bool => ! is_int($at) || $at < 0 || $at >= $accessors) !== [] || (isset($primitive['material']) && ! $has('materials', $primitive['material']))) {
                    return 'a shape of it refers to what is not there';
                }
            }
        }
        foreach ($list('nodes') as $node) {
            if ((isset($node['mesh']) && ! $has('meshes', $node['mesh'])) || array_filter((array) ($node['children'] ?? []), fn (mixed $at): bool => ! $has('nodes', $at)) !== []) {
                return 'a part of it refers to what is not there';
            }
        }
        foreach ($list('scenes') as $scene) {
            if (array_filter((array) ($scene['nodes'] ?? []), fn (mixed $at): bool => ! $has('nodes', $at)) !== []) {
                return 'a part of it refers to what is not there';
            }
        }

        return $list('meshes') === [] ? 'there is nothing in it to see' : null;
    }
}
