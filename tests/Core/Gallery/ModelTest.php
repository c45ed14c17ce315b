<?php

declare(strict_types=1);

use Core\Gallery\Model\GlbContainer;
use Tests\Support\Films;

// 20,000 nodes held a process for 30 seconds.
it('holds a model to what every reader relies on, in time that grows with it', function (
    callable $change,
    ?string $says,
): void {
    expect(GlbContainer::fault(Films::model($change)))->toBe($says);
})->with([
    'what is right' => [fn(array $tree): array => $tree, null],
    '100,000 nodes' => [fn(array $tree): array => ['nodes' => array_fill(0, 100_000, ['mesh' => 0])] + $tree, null],
    'a chain of 50,000 nodes' => [
        fn(array $tree): array => [
            'nodes' => array_map(
                fn(int $at): array => $at < 49_999 ? ['children' => [$at + 1]] : ['mesh' => 0],
                range(0, 49_999),
            ),
        ] + $tree,
        null,
    ],
    'a circle of nodes' => [
        fn(array $tree): array => ['nodes' => [['children' => [1]], ['children' => [0]]]] + $tree,
        'a part of it hangs on itself',
    ],
    'a node in two places' => [
        fn(array $tree): array => ['nodes' => [['children' => [2]], ['children' => [2]], ['mesh' => 0]]] + $tree,
        'a part of it hangs in two places',
    ],
    'a negative offset' => [
        fn(array $tree): array => ['bufferViews' => [['buffer' => 0, 'byteOffset' => -4, 'byteLength' => 36]]] + $tree,
        'a part of its data lies outside of it',
    ],
    'a list where a number belongs' => [
        fn(array $tree): array => ['bufferViews' => [['buffer' => 0, 'byteLength' => [36]]]] + $tree,
        'a part of its data lies outside of it',
    ],
    'a list where a type belongs' => [
        fn(array $tree): array => ['accessors' => [['componentType' => [], 'type' => [], 'count' => 3]]] + $tree,
        'it counts in a way that glTF does not know',
    ],
    'a text where a node belongs' => [
        fn(array $tree): array => ['nodes' => ['x']] + $tree,
        'its description is not that of a model',
    ],
    'a count beyond all numbers' => [
        fn(array $tree): array => [
            'accessors' => [['bufferView' => 0, 'componentType' => 5126, 'type' => 'VEC3', 'count' => PHP_INT_MAX]],
        ] + $tree,
        'a part of its data lies outside of it',
    ],
    'zeros without end' => [
        fn(array $tree): array => [
            'accessors' => [['componentType' => 5126, 'type' => 'VEC3', 'count' => 1_000_000_000]],
        ] + $tree,
        'it stands for more data than it has',
    ],
    'lists everywhere' => [
        fn(array $tree): array => array_map(fn(mixed $one): array => [[[]]], $tree),
        'it is not glTF 2.0',
    ],
    'lists everywhere but the version' => [
        fn(array $tree): array => ['asset' => ['version' => '2.0']] + array_map(fn(mixed $one): array => [[[]]], $tree),
        'its data are not all in it',
    ],
]);
