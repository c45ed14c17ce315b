<?php

declare(strict_types=1);

namespace Database\Seeders;

use Imagick;
use ImagickPixel;

/**
 * Two days' pictures as they come in a shop: two habits of naming and a third, doubles, a color that is not what the
 * name says, one too small, one not square. Made from the demo's own drawings.
 */
final class TroubledDrop
{
    public const NAME = 'Autumn pictures';

    public const SENDER = 'Marle photographs';

    /** @param  string  $photos  folder of the demo's pictures */
    public function __construct(private readonly string $photos) {}

    /**
     * @param  string  $folder  where the files are written, with folders in it
     * @param  array<string, string>  $sku  "product color" => code of one of its SKUs
     * @param  array<string, string>  $gtin  the same => GTIN
     */
    public function write(string $folder, array $sku, array $gtin): void
    {
        foreach ($this->pictures($sku, $gtin) as $name => [$from, $how]) {
            $path = "{$folder}/{$name}";
            @mkdir(dirname($path), recursive: true);
            $picture = new Imagick("{$this->photos}/{$from}.jpg");
            $this->$how($picture);
            $picture->setImageCompressionQuality(84);
            $picture->writeImage("jpeg:{$path}");
        }
        file_put_contents("{$folder}/studio/retouching.txt", "Hats: brim cleaned.\n");
    }

    /**
     * @param  array<string, string>  $sku
     * @param  array<string, string>  $gtin
     * @return array<string, array{string, string}> name => which drawing, what is done to it
     */
    private function pictures(array $sku, array $gtin): array
    {
        return [
            'studio/TB-HAT_straw_front.jpg' => ['hat-straw-side', 'cutALittle'],
            'studio/TB-HAT_moss_front.jpg' => ['hat-moss-side', 'cutALittle'],
            'studio/TB-HAT_straw_back.jpg' => ['hat-straw-side', 'mirrored'],
            'studio/TB-HAT_straw_back (1).jpg' => ['hat-straw-side', 'mirroredSmaller'],
            'studio/TB-HAT_moss_back.jpg' => ['hat-moss-side', 'mirrored'],
            'studio/TB-HAT_straw_detail.jpg' => ['hat-straw-side', 'near'],
            'studio/TB-HAT_moss_detail.jpg' => ['hat-moss-side', 'near'],
            'studio/TB-APRON_clay_back.jpg' => ['apron-clay-front', 'mirrored'],
            'studio/TB-APRON_ink_back.jpg' => ['apron-ink-front', 'mirrored'],
            'studio/TB-APRON_clay_detail_final.jpg' => ['apron-clay-front', 'near'],
            'studio/TB-APRON_ink_detail_final.jpg' => ['apron-ink-front', 'near'],
            'studio/TB-APRON_oat_front.jpg' => ['apron-ink-front', 'wider'],
            'studio/TB-CLOG_fern_berry_pair.jpg' => ['clog-fern-pair', 'mirrored'],
            'studio/TB-SMOK_slate_side.jpg' => ['smock-slate-worn', 'mirrored'],
            'studio/TB-CUSHION_stripe_detail.jpg' => ['cushion-stripe', 'small'],
            'studio/TB-CUSHION_check_detail.jpg' => ['cushion-check', 'near'],
            'studio/TB-TWINE_detail.jpg' => ['twine', 'banner'],
            'supplier/' . $sku['trousers bark'] . '_01.jpg' => ['trousers-bark-front', 'mirrored'],
            'supplier/' . $sku['trousers bark'] . '_02.jpg' => ['trousers-bark-front', 'near'],
            'supplier/' . $sku['trousers slate'] . '_01.jpg' => ['trousers-slate-front', 'mirrored'],
            'supplier/' . $sku['trousers slate'] . '_02.jpg' => ['trousers-slate-front', 'near'],
            'supplier/' . $gtin['clog bark'] . '_back.jpg' => ['clog-bark-side', 'mirrored'],
            'supplier/' . $gtin['clog berry'] . '_back.jpg' => ['clog-berry-side', 'mirrored'],
            'supplier/' . $gtin['clog fern'] . '_back.jpg' => ['clog-fern-side', 'mirrored'],
            'rain cape Schiefer seitlich 1600px.jpg' => ['cape-slate-front', 'mirrored'],
            'rain cape Moos seitlich 1600px.jpg' => ['cape-moss-front', 'mirrored'],
            'Nahaufnahme rain cape mousse.jpg' => ['cape-moss-front', 'near'],
            'brim hat terracotta worn.jpg' => ['apron-clay-front', 'near'],
            'TB-GLOVE_mss_short_side.jpg' => ['glove-short-moss-front', 'mirrored'],
            'TB-GLOVE_mss_gauntlet_side.jpg' => ['glove-gauntlet-moss-front', 'mirrored'],
            'TB-GLOVE_straw_gauntlet_side.jpg' => ['glove-gauntlet-straw-front', 'mirrored'],
            'IMG_2041.jpg' => ['glove-short-berry-pair', 'near'],
            'DSC_0093.jpg' => ['smock-size-guide', 'near'],
        ];
    }

    private function mirrored(Imagick $picture): void
    {
        $picture->flopImage();
    }

    private function mirroredSmaller(Imagick $picture): void
    {
        $picture->flopImage();
        $picture->resizeImage(900, 900, Imagick::FILTER_TRIANGLE, 1.0, true);
    }

    private function cutALittle(Imagick $picture): void
    {
        [$width, $height] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $picture->cropImage(
            (int) ($width * 0.96),
            (int) ($height * 0.96),
            (int) ($width * 0.02),
            (int) ($height * 0.02),
        );
        $picture->setImagePage(0, 0, 0, 0);
        $picture->resizeImage(2000, 2000, Imagick::FILTER_TRIANGLE, 1.0, true);
    }

    private function near(Imagick $picture): void
    {
        [$width, $height] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $picture->cropImage(intdiv($width, 2), intdiv($height, 2), intdiv($width, 4), intdiv($height, 4));
        $picture->setImagePage(0, 0, 0, 0);
        $picture->resizeImage(1200, 1200, Imagick::FILTER_TRIANGLE, 1.0, true);
    }

    private function wider(Imagick $picture): void
    {
        $picture->setImageBackgroundColor($picture->getImagePixelColor(2, 2));
        $picture->extentImage(
            (int) ($picture->getImageWidth() * 1.15),
            (int) ($picture->getImageHeight() * 1.15),
            (int) (-0.075 * $picture->getImageWidth()),
            (int) (-0.075 * $picture->getImageHeight()),
        );
        $picture->flopImage();
    }

    private function small(Imagick $picture): void
    {
        $picture->resizeImage(420, 420, Imagick::FILTER_TRIANGLE, 1.0, true);
    }

    private function banner(Imagick $picture): void
    {
        $picture->setImageBackgroundColor(new ImagickPixel('#f4f4f1'));
        $picture->extentImage(
            $picture->getImageWidth(),
            intdiv($picture->getImageHeight() * 2, 3),
            0,
            intdiv($picture->getImageHeight(), 6),
        );
    }
}
