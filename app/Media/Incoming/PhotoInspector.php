<?php

declare(strict_types=1);

namespace App\Media\Incoming;

use App\Refusals\PhotoRefused;

/** Recognizes pictures, films and models by their content and holds them to bounds, without decoding them. */
final class PhotoInspector
{
    private const TYPES = [
        'image/jpeg' => 'jpg',
        'image/png' => 'png',
        'image/webp' => 'webp',
        'image/avif' => 'avif',
        'image/tiff' => 'tif',
        'image/gif' => 'gif',
    ];

    private const WORDS = [
        'text/plain' => 'plain text',
        'text/html' => 'a web page',
        'text/csv' => 'a table',
        'application/pdf' => 'a PDF',
        'application/zip' => 'a ZIP archive',
        'image/svg+xml' => 'an SVG drawing',
        'image/heic' => 'a HEIC photo',
        'image/bmp' => 'a BMP',
        'video/quicktime' => 'a QuickTime film',
        'video/x-msvideo' => 'an AVI film',
        'model/gltf+json' => 'a glTF that refers to other files',
    ];

    public function __construct(
        private readonly int $mostBytes,
        private readonly int $mostPixels,
        private readonly int $mostSide,
    ) {}

    /** @throws PhotoRefused */
    public function inspect(IncomingFile $file): InspectedPhoto
    {
        if (!is_file($file->path)) {
            throw new PhotoRefused(
                sprintf(
                    '%s did not arrive whole; a picture can have %s MB. Save it smaller, or drop it again.',
                    $file->name,
                    number_format($this->mostBytes / 1048576),
                ),
            );
        }
        $bytes = (int) filesize($file->path);
        if ($bytes === 0) {
            throw new PhotoRefused("{$file->name} is empty (0 bytes). Copy it again from where it came.");
        }
        if ($bytes > $this->mostBytes) {
            throw new PhotoRefused(
                sprintf(
                    '%s has %s MB; a picture can have %s MB. Save it smaller.',
                    $file->name,
                    number_format($bytes / 1048576, 1),
                    number_format($this->mostBytes / 1048576),
                ),
            );
        }
        $found = (string) mime_content_type($file->path);
        if (file_get_contents($file->path, length: 4) === 'glTF') {
            return GlbFile::inspect($file, $bytes);
        }
        if ($found === 'video/mp4' || $found === 'video/webm') {
            return FilmProbe::inspect($file, $found === 'video/mp4' ? 'mp4' : 'webm', $bytes);
        }
        $type = self::TYPES[$found] ?? null;
        if ($type === null) {
            $what = self::WORDS[$found] ?? $found;
            throw new PhotoRefused(
                "{$file->name} is not a picture that can be used: it holds {$what}. JPEG, PNG, WebP, AVIF, TIFF and GIF can be used, films as MP4 and WebM, models as GLB.",
            );
        }
        $size = @getimagesize($file->path);
        if ($size === false || $size[0] < 1 || $size[1] < 1) {
            throw new PhotoRefused(
                "{$file->name} begins like a picture but cannot be read. Copy it again from where it came.",
            );
        }
        [$width, $height] = $size;
        if ($width * $height > $this->mostPixels || max($width, $height) > $this->mostSide) {
            throw new PhotoRefused(
                sprintf(
                    '%s has %s × %s px; a picture can have %s million pixels. Save it smaller: 1,600 × 1,600 is plenty for a shop.',
                    $file->name,
                    number_format($width),
                    number_format($height),
                    number_format($this->mostPixels / 1_000_000),
                ),
            );
        }

        return new InspectedPhoto($type, $width, $height, $bytes, FrameCounter::hasMore($file->path, $type));
    }
}
