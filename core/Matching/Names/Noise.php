<?php

declare(strict_types=1);

namespace Core\Matching\Names;

/** Words in names of files that say nothing of the goods. Common practice, no source. */
final class Noise
{
    private const WORDS = [
        'img',
        'image',
        'images',
        'pic',
        'picture',
        'photo',
        'photos',
        'foto',
        'bild',
        'dsc',
        'dscn',
        'dscf',
        'mvi',
        'pict',
        'scan',
        'screenshot',
        'untitled',
        'unbenannt',
        'final',
        'finale',
        'last',
        'new',
        'neu',
        'old',
        'alt',
        'copy',
        'kopie',
        'copia',
        'copie',
        'edit',
        'edited',
        'retouched',
        'retusche',
        'corrected',
        'cut',
        'cutout',
        'crop',
        'cropped',
        'freisteller',
        'web',
        'shop',
        'print',
        'druck',
        'hires',
        'highres',
        'lowres',
        'lores',
        'large',
        'full',
        'orig',
        'original',
        'px',
        'dpi',
        'rgb',
        'srgb',
        'cmyk',
        'jpg',
        'jpeg',
        'png',
        'tif',
        'tiff',
        'psd',
        'webp',
        'view',
        'views',
        'ansicht',
        'vue',
        'vista',
        'shot',
        'shots',
        'aufnahme',
        'prise',
        'toma',
        'main',
        'haupt',
        'hauptbild',
        'principal',
        'principale',
        'hero',
        'extra',
        'extras',
        'packshot',
        'ghost',
        'mannequin',
        'masked',
        'mask',
        'transparent',
        'thumb',
        'thumbnail',
        'preview',
        'vorschau',
        'export',
        'listing',
        'studio',
        'catalog',
        'katalog',
        'catalogue',
        'left',
        'right',
        'links',
        'rechts',
        'gauche',
        'droite',
        'izquierda',
        'derecha',
        'approved',
        'freigabe',
        'freigegeben',
        'draft',
        'hq',
        'hd',
        'uhd',
        'ean',
        'gtin',
        'upc',
        'sku',
        'barcode',
        'art',
        'artikel',
        'article',
        'ref',
    ];

    /** Small words between the others, which part no name. */
    private const PARTICLES = [
        'of',
        'the',
        'and',
        'for',
        'with',
        'in',
        'und',
        'von',
        'mit',
        'aus',
        'der',
        'die',
        'das',
        'des',
        'de',
        'du',
        'la',
        'le',
        'les',
        'et',
        'en',
        'avec',
        'el',
        'los',
        'las',
        'del',
        'con',
        'di',
        'da',
    ];

    /** Words beside a color that say what a picture was taken before, and not what it shows. */
    private const GROUNDS = [
        'bg',
        'background',
        'backdrop',
        'hintergrund',
        'fond',
        'fondo',
        'sfondo',
        'achtergrond',
        'bakgrund',
        'baggrund',
    ];

    /** The same, where they stand right before the color. */
    private const BEFORE_GROUNDS = ['on', 'auf', 'sur', 'sobre', 'su', 'op', 'vor'];

    /** Letters before the number of a version: "v2". */
    public const VERSIONS = ['v', 'ver', 'version', 'rev'];

    /** What a camera writes before its own number. */
    private const CAMERA = ['img', 'dsc', 'dscn', 'dscf', 'mvi', 'pict', 'p', 'pxl'];

    /** @param  list<NamePart>  $parts */
    public static function isNoise(array $parts, int $at): bool
    {
        $part = $parts[$at];
        $before = $parts[$at - 1]->bare ?? '';
        $after = $parts[$at + 1] ?? null;

        return match (true) {
            $part->isBracketed => true,
            in_array($part->bare, self::WORDS, true), self::isParticle($part) => true,
            in_array($part->bare, self::VERSIONS, true) => $after?->isNumber() === true && $after->isGlued,
            $part->isNumber() => self::isIdleNumber($part, $before, $after),
            $part->bare === 'x' => $after?->isNumber() === true && ($parts[$at - 1] ?? null)?->isNumber() === true,
            default => false,
        };
    }

    /** Whether a part says that the color behind it, or beside it, is that of the ground. */
    public static function saysGround(NamePart $part, NamePart $color): bool
    {
        return in_array($part->bare, self::GROUNDS, true) ||
            ($part->at < $color->at && in_array($part->bare, self::BEFORE_GROUNDS, true));
    }

    public static function isParticle(NamePart $part): bool
    {
        return in_array($part->bare, self::PARTICLES, true);
    }

    /** A version, a camera's number, a size in pixels, a date, or a number that is too long for a place. */
    private static function isIdleNumber(NamePart $part, string $before, ?NamePart $after): bool
    {
        $digits = strlen($part->bare);

        return (in_array($before, self::VERSIONS, true) && $part->isGlued) ||
            (in_array($before, self::CAMERA, true) && $digits >= 3) ||
            in_array($after?->bare, ['px', 'dpi'], true) ||
            $digits >= 4;
    }
}
