<?php

declare(strict_types=1);

/*
 * Makes the demo's film and model: php database/demo/media.php
 * The film goes from the front of a smock to its back; the model is a cushion, a box with two colors.
 */

$photos = __DIR__.'/photos';
$fade = '[0:v]scale=480:480,setsar=1[a];[1:v]scale=480:480,setsar=1[b];[a][b]xfade=transition=fade:duration=1:offset=1.5,format=yuv420p';
passthru("ffmpeg -nostdin -v error -y -loop 1 -t 2.5 -i {$photos}/smock-buttoned-moss-front.jpg -loop 1 -t 2.5 -i {$photos}/smock-buttoned-moss-back.jpg -filter_complex '{$fade}' -r 24 -c:v libx264 -crf 30 -movflags +faststart {$photos}/smock-buttoned-moss-turned.mp4", $code);
if ($code !== 0) {
    exit($code);
}

$positions = $normals = $indices = '';
$at = 0;
foreach ([[0, 1, 2, 1], [1, 2, 0, 1], [2, 0, 1, 1], [0, 2, 1, -1], [1, 0, 2, -1], [2, 1, 0, -1]] as [$u, $v, $w, $sign]) {
    foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$a, $b]) {
        $point = $normal = [0.0, 0.0, 0.0];
        [$point[$u], $point[$v], $point[$w]] = [(float) $a, (float) $b, (float) $sign];
        $normal[$w] = (float) $sign;
        $positions .= pack('g3', $point[0] * .4, $point[1] * .08, $point[2] * .28);
        $normals .= pack('g3', ...$normal);
    }
    $indices .= pack('v6', $at, $at + 1, $at + 2, $at, $at + 2, $at + 3);
    $at += 4;
}
$indices .= str_repeat("\0", (4 - strlen($indices) % 4) % 4);
$json = json_encode([
    'asset' => ['version' => '2.0', 'generator' => 'Indigo Slate demo'],
    'scene' => 0, 'scenes' => [['nodes' => [0]]], 'nodes' => [['mesh' => 0, 'name' => 'Cushion']],
    'meshes' => [['primitives' => [['attributes' => ['POSITION' => 0, 'NORMAL' => 1], 'indices' => 2, 'material' => 0]]]],
    'materials' => [['pbrMetallicRoughness' => ['baseColorFactor' => [.33, .42, .27, 1], 'metallicFactor' => 0, 'roughnessFactor' => .9]]],
    'buffers' => [['byteLength' => strlen($positions.$normals.$indices)]],
    'bufferViews' => [
        ['buffer' => 0, 'byteOffset' => 0, 'byteLength' => strlen($positions), 'target' => 34962],
        ['buffer' => 0, 'byteOffset' => strlen($positions), 'byteLength' => strlen($normals), 'target' => 34962],
        ['buffer' => 0, 'byteOffset' => strlen($positions.$normals), 'byteLength' => strlen($indices), 'target' => 34963],
    ],
    'accessors' => [
        ['bufferView' => 0, 'componentType' => 5126, 'count' => 24, 'type' => 'VEC3', 'min' => array_map(fn (float $one): float => unpack('g', pack('g', $one))[1], [-.4, -.08, -.28]), 'max' => array_map(fn (float $one): float => unpack('g', pack('g', $one))[1], [.4, .08, .28])],
        ['bufferView' => 1, 'componentType' => 5126, 'count' => 24, 'type' => 'VEC3'],
        ['bufferView' => 2, 'componentType' => 5123, 'count' => 36, 'type' => 'SCALAR'],
    ],
]);
$json .= str_repeat(' ', (4 - strlen($json) % 4) % 4);
$data = $positions.$normals.$indices;
file_put_contents("{$photos}/cushion-turned.glb", pack('V3', 0x46546C67, 2, 28 + strlen($json) + strlen($data)).pack('V2', strlen($json), 0x4E4F534A).$json.pack('V2', strlen($data), 0x004E4942).$data);
