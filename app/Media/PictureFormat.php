<?php

declare(strict_types=1);

namespace App\Media;

/** The formats that every size is derived in: the smaller one for whoever reads it, the other for everybody. */
enum PictureFormat: string
{
    case WebP = 'webp';
    case Jpeg = 'jpg';

    /**
     * @param  string  $accepted  the header of a request that says what is read
     */
    public static function for(string $accepted): self
    {
        return str_contains($accepted, 'image/webp') ? self::WebP : self::Jpeg;
    }

    public function type(): string
    {
        return $this === self::WebP ? 'image/webp' : 'image/jpeg';
    }
}
