<?php

declare(strict_types=1);

use App\Media\Incoming\IncomingFile;
use App\Media\Incoming\PhotoInspector;
use Core\Gallery\Model\GlbContainer;
use Tests\Support\Films;

require_once dirname(__DIR__) . '/tools.php';

// Source: MediaInfo (Debian mediainfo), side by side on films of several formats, sizes and lengths.
it('reads size and length of films as another tool does', function (
    string $format,
    float $seconds,
    string $size,
    int $rate,
): void {
    $path = Films::film($format, $seconds, $size, $rate);
    $ours = app(PhotoInspector::class)->inspect(new IncomingFile($path, "a.{$format}"));
    $theirs = array_values(
        array_filter(
            outside(['mediainfo', '--Output=JSON', $path], '')['media']['track'],
            fn(array $track): bool => $track['@type'] === 'Video' || $track['@type'] === 'General',
        ),
    );
    $video = array_values(array_filter($theirs, fn(array $track): bool => $track['@type'] === 'Video'))[0];
    expect([$ours->width, $ours->height])
        ->toBe([(int) $video['Width'], (int) $video['Height']])
        ->and(abs((int) $ours->milliseconds - 1000 * (float) $theirs[0]['Duration']))
        ->toBeLessThan(1000 / $rate);
})->with([
    ['mp4', 2.0, '320x240', 25],
    ['mp4', 0.5, '64x128', 10],
    ['mp4', 7.3, '176x144', 30],
    ['webm', 1.5, '160x120', 25],
    ['webm', 3.2, '320x180', 24],
]);

// Source: the validator of the Khronos Group (npm gltf-validator), side by side on models that are right and on such
// that are broken in one place each.
it('takes the models that the Khronos validator takes, and refuses those it refuses', function (): void {
    $set = fn(string $list, array $with): Closure => function (array $tree) use ($list, $with): array {
        $tree[$list][0] = $with + $tree[$list][0];

        return $tree;
    };
    $models = [
        'right' => Films::model(),
        'the demo’s' => (string) file_get_contents(base_path('database/demo/photos/cushion-turned.glb')),
        'with a material' => Films::model(
            fn(array $tree): array => [
                'materials' => [['name' => 'cloth']],
                'meshes' => [['primitives' => [['attributes' => ['POSITION' => 0], 'material' => 0]]]],
            ] + $tree,
        ),
        'a view outside' => Films::model($set('bufferViews', ['byteLength' => 40])),
        'an accessor outside' => Films::model($set('accessors', ['count' => 4])),
        'an unknown component' => Films::model($set('accessors', ['componentType' => 5199])),
        'an unknown element' => Films::model($set('accessors', ['type' => 'VEC7'])),
        'no view there' => Films::model($set('accessors', ['bufferView' => 5])),
        'no mesh there' => Films::model($set('nodes', ['mesh' => 3])),
        'no node there' => Films::model($set('scenes', ['nodes' => [9]])),
        'no accessor there' => Films::model(
            fn(array $tree): array => ['meshes' => [['primitives' => [['attributes' => ['POSITION' => 7]]]]]] + $tree,
        ),
        'no material there' => Films::model(
            fn(array $tree): array => [
                'meshes' => [['primitives' => [['attributes' => ['POSITION' => 0], 'material' => 2]]]],
            ] + $tree,
        ),
        'a buffer that is larger than its part' => Films::model(
            fn(array $tree): array => ['buffers' => [['byteLength' => 400]]] + $tree,
        ),
        'cut off' => substr(Films::model(), 0, -6),
        'another version' => substr_replace(Films::model(), pack('V', 1), 4, 4),
        'no description' => substr_replace(Films::model(), '!', 20, 1),
    ];
    $errors = outside(['node', 'tests/Reference/tools/gltf.mjs'], array_map(base64_encode(...), array_values($models)));
    $theirs = array_combine(array_keys($models), array_map(fn(int $count): bool => $count === 0, $errors));
    $ours = array_map(fn(string $model): bool => GlbContainer::fault($model) === null, $models);
    expect($ours)->toBe($theirs)->and(array_filter($ours))->toHaveCount(3);
});
