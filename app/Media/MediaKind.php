<?php

declare(strict_types=1);

namespace App\Media;

/** What a stored file is: a still picture, a film, or a model that can be turned. */
enum MediaKind: string
{
    case Still = 'still';
    case Film = 'film';
    case Model = 'model';

    /** The files that are no stills: ending, as it is stored => media type. */
    public const TYPES = ['mp4' => 'video/mp4', 'webm' => 'video/webm', 'glb' => 'model/gltf-binary'];

    /** @param  string  $type  ending of the stored file */
    public static function ofType(string $type): self
    {
        return match ($type) {
            'mp4', 'webm' => self::Film,
            'glb' => self::Model,
            default => self::Still,
        };
    }

    /** Where a film or a model is served. */
    public static function address(int $photoId, string $type): string
    {
        return "/media/{$photoId}.{$type}";
    }

    /** As it is said on a card: "0:12", "3D"; nothing of a still. */
    public function mark(?int $milliseconds): string
    {
        return match ($this) {
            self::Still => '',
            self::Film => sprintf(
                '%d:%02d',
                intdiv((int) round(($milliseconds ?? 0) / 1000), 60),
                (int) round(($milliseconds ?? 0) / 1000) % 60,
            ),
            self::Model => '3D',
        };
    }
}
