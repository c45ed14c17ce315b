<?php

declare(strict_types=1);

/*
 * The stand-in supplier, served on loopback by slate:supplier: a price list that names pictures by their addresses, the
 * pictures, and addresses that behave as bad servers do. One worker answers one question at a time.
 */

$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$here = "http://{$_SERVER['HTTP_HOST']}";
const SUPPLIER_COLORS = ['moss' => '#5d7346', 'clay' => '#b5694a', 'slate' => '#4a5a6b'];

$send = function (string $type, string $body): void {
    header("Content-Type: {$type}");
    header('Content-Length: ' . strlen($body));
    echo $body;
};
$picture = function (string $name) use ($send): void {
    [$color, $view] = explode('_', "{$name}_front");
    $image = imagecreatetruecolor(800, 800);
    imagefill($image, 0, 0, (int) imagecolorallocate($image, 250, 250, 248));
    [$red, $green, $blue] = sscanf(SUPPLIER_COLORS[$color] ?? '#888888', '#%02x%02x%02x') ?: [136, 136, 136];
    $cloth = (int) imagecolorallocate($image, (int) $red, (int) $green, (int) $blue);
    imagefilledrectangle($image, 200, $view === 'back' ? 120 : 160, 600, 700, $cloth);
    ob_start();
    imagejpeg($image, null, 88);
    $send('image/jpeg', (string) ob_get_clean());
};
$list = function () use ($here, $send): void {
    $rows = ['Style no;Name;Colour;Size;EAN;RRP;Qty;Image 1;Image 2'];
    foreach (array_keys(SUPPLIER_COLORS) as $color) {
        foreach (['S', 'M', 'L'] as $size) {
            $rows[] = implode(';', [
                'LM-TUNIC',
                'Linen tunic',
                ucfirst($color),
                $size,
                '',
                '64,90',
                '20',
                "{$here}/pictures/{$color}_front.jpg",
                "{$here}/pictures/{$color}_back.jpg",
            ]);
        }
    }
    header('Content-Disposition: attachment; filename="price list.csv"');
    $send('text/csv; charset=UTF-8', implode("\n", $rows) . "\n");
};
$drip = function (int $pieces, int $pause, string $piece): void {
    header('Content-Type: image/jpeg');
    for ($at = 0; $at < $pieces && !connection_aborted(); $at++) {
        echo $piece;
        flush();
        usleep($pause);
    }
};

match (true) {
    $path === '/' || $path === '/price-list.csv' => $list(),
    preg_match('~^/pictures/([a-z]+_[a-z]+)\.jpg$~', $path, $found) === 1 => $picture($found[1]),
    // A byte now and then.
    $path === '/slow.jpg' => $drip(30, 500_000, 'x'),
    // More than any picture has.
    $path === '/endless.jpg' => $drip(100_000, 0, str_repeat("\xff", 1_048_576)),
    // Says that it sends more than it does.
    $path === '/broken.jpg' => (function (): void {
        header('Content-Type: image/jpeg');
        header('Content-Length: 100000');
        echo "\xff\xd8\xff";
    })(),
    $path === '/lying.jpg' => $send('image/jpeg', '<script>alert(1)</script>'),
    $path === '/wrong.jpg' => $send('text/html', '<!doctype html><title>Sign in</title>'),
    $path === '/trouble.jpg' => http_response_code(503),
    $path === '/private.jpg' => header('Location: http://10.0.0.7/picture.jpg', true, 302),
    $path === '/metadata.jpg' => header('Location: http://169.254.169.254/latest/', true, 302),
    $path === '/file.jpg' => header('Location: file:///etc/passwd', true, 302),
    $path === '/moved.jpg' => header("Location: {$here}/pictures/moss_front.jpg", true, 301),
    preg_match('~^/round/(\d+)\.jpg$~', $path, $found) === 1 => header(
        "Location: {$here}/round/" . ((int) $found[1] + 1) . '.jpg',
        true,
        302,
    ),
    default => http_response_code(404),
};
