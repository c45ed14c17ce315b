<?php

declare(strict_types=1);

namespace Core\Gallery\Model;

/**
 * The description of a model, held against what every reader relies on: what refers to what, that nothing lies outside
 * of its data, and that its nodes are trees. Each list is gone through once, whatever stands in it. Source: Khronos,
 * glTF 2.0 Specification, 3.5 (nodes), 3.6 (buffers).
 */
final readonly class GltfTree
{
    /** Bytes of a component, by its type (3.6.2.2). */
    private const COMPONENTS = [5120 => 1, 5121 => 1, 5122 => 2, 5123 => 2, 5125 => 4, 5126 => 4];

    /** Components of an element, by its type. */
    private const ELEMENTS = [
        'SCALAR' => 1,
        'VEC2' => 2,
        'VEC3' => 3,
        'VEC4' => 4,
        'MAT2' => 4,
        'MAT3' => 9,
        'MAT4' => 16,
    ];

    private const LISTS = ['buffers', 'bufferViews', 'accessors', 'images', 'meshes', 'materials', 'nodes', 'scenes'];

    /** Bytes that an accessor without data of its own may stand for: a reader makes them all. */
    private const MOST_ZEROS = 64 * 1024 * 1024;

    private const OUTSIDE = 'a part of its data lies outside of it';

    private const ABSENT = 'a part of it refers to what is not there';

    private const UNKNOWN = 'its description is not that of a model';

    /** @param  array<string, list<array<array-key, mixed>>>  $lists  by name, each of LISTS */
    private function __construct(private array $lists) {}

    /**
     * What is wrong with a description, as part of a sentence; null where nothing is.
     *
     * @param  array<array-key, mixed>  $tree
     * @param  int  $binary  bytes of the data that come with it
     */
    public static function fault(array $tree, int $binary): ?string
    {
        $version = is_array($tree['asset'] ?? null) ? $tree['asset']['version'] ?? null : null;
        if (!is_string($version) || !str_starts_with($version, '2.')) {
            return 'it is not glTF 2.0';
        }
        if (($tree['extensionsRequired'] ?? []) !== []) {
            return 'it needs extensions that not every reader has';
        }
        $lists = [];
        foreach (self::LISTS as $name) {
            $list = $tree[$name] ?? [];
            if (!is_array($list) || !array_is_list($list) || array_filter($list, is_array(...)) !== $list) {
                return self::UNKNOWN;
            }
            $lists[$name] = $list;
        }
        $self = new self($lists);

        return $self->dataFault($binary) ??
            ($self->accessorFault() ??
                ($self->shapeFault() ??
                    ($self->nodeFault() ?? ($lists['meshes'] === [] ? 'there is nothing in it to see' : null))));
    }

    private function dataFault(int $binary): ?string
    {
        foreach ([...$this->lists['buffers'], ...$this->lists['images']] as $one) {
            if (isset($one['uri'])) {
                return 'it refers to other files';
            }
        }
        $bytes = 0;
        if ($this->lists['buffers'] !== []) {
            $bytes = self::number($this->lists['buffers'][0], 'byteLength', 0) ?? -1;
            if (count($this->lists['buffers']) > 1 || $bytes < 1 || $bytes > $binary || $binary - $bytes > 3) {
                return 'its data are not all in it';
            }
        }
        foreach ($this->lists['bufferViews'] as $view) {
            $length = self::number($view, 'byteLength', 0);
            $offset = self::number($view, 'byteOffset', 0);
            $isThere = ($view['buffer'] ?? null) === 0 && $bytes > 0;
            if (!$isThere || $length === null || $length < 1 || $offset === null || $offset > $bytes - $length) {
                return self::OUTSIDE;
            }
        }

        return null;
    }

    private function accessorFault(): ?string
    {
        foreach ($this->lists['accessors'] as $accessor) {
            $component = $accessor['componentType'] ?? null;
            $type = $accessor['type'] ?? null;
            $bytes = is_int($component) ? self::COMPONENTS[$component] ?? 0 : 0;
            $size = $bytes * (is_string($type) ? self::ELEMENTS[$type] ?? 0 : 0);
            $count = self::number($accessor, 'count', 0);
            $offset = self::number($accessor, 'byteOffset', 0);
            if ($size === 0 || $count === null || $count < 1 || $offset === null) {
                return 'it counts in a way that glTF does not know';
            }
            if (!isset($accessor['bufferView'])) {
                if ($count > intdiv(self::MOST_ZEROS, $size)) {
                    return 'it stands for more data than it has';
                }

                continue;
            }
            $view = $this->at('bufferViews', $accessor['bufferView']);
            if ($view === null) {
                return 'a part of its data is not there';
            }
            $step = self::number($view, 'byteStride', $size);
            // Counted from the end, so that no product is larger than a number can be.
            $room = (self::number($view, 'byteLength', 0) ?? 0) - $offset - $size;
            if ($step === null || $step < 1 || $room < 0 || $count - 1 > intdiv($room, $step)) {
                return self::OUTSIDE;
            }
        }

        return null;
    }

    private function shapeFault(): ?string
    {
        foreach ($this->lists['meshes'] as $mesh) {
            $primitives = $mesh['primitives'] ?? [];
            if (!is_array($primitives)) {
                return self::UNKNOWN;
            }
            foreach ($primitives as $primitive) {
                $attributes = is_array($primitive) ? $primitive['attributes'] ?? null : null;
                if (!is_array($primitive) || !is_array($attributes) || $attributes === []) {
                    return 'a shape of it refers to what is not there';
                }
                $used = isset($primitive['indices'])
                    ? [...array_values($attributes), $primitive['indices']]
                    : $attributes;
                foreach ($used as $at) {
                    if ($this->at('accessors', $at) === null) {
                        return 'a shape of it refers to what is not there';
                    }
                }
                if (isset($primitive['material']) && $this->at('materials', $primitive['material']) === null) {
                    return 'a shape of it refers to what is not there';
                }
            }
        }

        return null;
    }

    /** A node hangs on one other at most, and none hangs on itself by way of others (3.5.2). */
    private function nodeFault(): ?string
    {
        /** @var array<int, list<int>> $children node => those that hang on it */
        $children = [];
        $parents = [];
        foreach ($this->lists['nodes'] as $at => $node) {
            $own = $node['children'] ?? [];
            if (!is_array($own) || (isset($node['mesh']) && $this->at('meshes', $node['mesh']) === null)) {
                return self::ABSENT;
            }
            $children[$at] = [];
            foreach ($own as $child) {
                if (!is_int($child) || $this->at('nodes', $child) === null) {
                    return self::ABSENT;
                }
                if (isset($parents[$child])) {
                    return 'a part of it hangs in two places';
                }
                $parents[$child] = true;
                $children[$at][] = $child;
            }
        }
        $open = array_keys(array_diff_key($children, $parents));
        $reached = 0;
        while ($open !== []) {
            $reached++;
            array_push($open, ...$children[array_pop($open)]);
        }
        if ($reached < count($children)) {
            return 'a part of it hangs on itself';
        }
        foreach ($this->lists['scenes'] as $scene) {
            $roots = $scene['nodes'] ?? [];
            foreach (is_array($roots) ? $roots : [null] as $root) {
                if ($this->at('nodes', $root) === null) {
                    return self::ABSENT;
                }
            }
        }

        return null;
    }

    /** @return ?array<array-key, mixed> null where it is not there */
    private function at(string $list, mixed $at): ?array
    {
        return is_int($at) ? $this->lists[$list][$at] ?? null : null;
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @return ?int null where something else than a whole number from 0 on stands there
     */
    private static function number(array $of, string $name, int $else): ?int
    {
        $number = $of[$name] ?? $else;

        return is_int($number) && $number >= 0 ? $number : null;
    }
}
