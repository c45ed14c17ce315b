<?php

declare(strict_types=1);

namespace App\Media;

use RuntimeException;

/** Files opened to be read. */
final class Streams
{
    /**
     * @return resource
     *
     * @throws RuntimeException where the file cannot be read
     */
    public static function read(string $path): mixed
    {
        $stream = is_readable($path) ? fopen($path, 'rb') : false;

        return $stream !== false ? $stream : throw new RuntimeException("{$path} cannot be read.");
    }
}
