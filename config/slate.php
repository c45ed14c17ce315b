<?php

declare(strict_types=1);

// What PHP takes in at once is said in one place; php, nginx and the page follow it.
$php = parse_ini_file(dirname(__DIR__) . '/deploy/php/slate.ini', false, INI_SCANNER_RAW);

return [
    // The shop's own time zone: a sale begins and ends by its days. Times are shown in it as well, where neither a
    // reader's account nor the browser says another.
    'zone' => env('SHOP_ZONE') ?: 'UTC',
    'browsers_zone' => 'UTC',
    'readers_zone' => 'UTC',
    // The open list of names of colors, as the screens are built with it.
    'color_names' => public_path('build/color-names.json'),
    // The passwords that most people take, likewise.
    'common_passwords' => public_path('build/common-passwords.json'),
    // Days after which a change keeps only its words and cannot be undone; nothing for never.
    'undo_days' => ctype_digit((string) env('UNDO_DAYS')) ? (int) env('UNDO_DAYS') : null,
    // The bounds that an upload is held to before anything is decoded.
    'photos' => [
        'most_bytes' => ini_parse_quantity($php['upload_max_filesize']),
        'most_pixels' => 60_000_000,
        'most_side' => 16_000,
    ],
    // What one request can carry; more files are sent in several.
    'uploads' => [
        'most_bytes' => ini_parse_quantity($php['post_max_size']),
        'most_files' => (int) $php['max_file_uploads'],
        // In pieces of which a large file is sent: what is lost with a connection is little.
        'part_bytes' => min(4 * 1024 * 1024, ini_parse_quantity($php['post_max_size'])),
    ],
    // What a drop of the intake may hold: files of one drop or one archive, bytes of an archive, and of all that is in
    // it.
    'intake' => [
        'most_files' => 2_000,
        'most_archive' => 4 * 1024 * 1024 * 1024,
        // Files in a package.
        'most_packed' => 200_000,
        'most_unpacked' => 8 * 1024 * 1024 * 1024,
    ],
    // Host and port of the stand-in supplier (slate:supplier), the one server of a private network that is asked for
    // pictures; empty for none.
    'supplier' => env('SUPPLIER_ADDRESS', ''),
    // Names by which this server may be called, besides that of APP_URL, with commas between.
    'trusted_hosts' => env('TRUSTED_HOSTS', ''),
    // Addresses of proxies whose word is taken for who asks and whether by https, with commas between; * for any.
    'trusted_proxies' => env('TRUSTED_PROXIES', ''),
    // The bounds of the process that decodes a picture, and the folder it works in.
    'reading' => [
        'folder' => env('READING_FOLDER') ?: storage_path('framework/pictures'),
        'cpu_seconds' => 20,
        'wall_seconds' => 60,
        'most_memory' => 600 * 1024 * 1024,
        'most_disk' => 1_024 * 1024 * 1024,
    ],
];
