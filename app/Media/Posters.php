<?php

declare(strict_types=1);

namespace App\Media;

use App\Media\Incoming\GlbFile;
use Imagick;
use ImagickDraw;
use Symfony\Component\Process\Exception\ExceptionInterface as ProcessException;

/**
 * The still that stands for what is none: a frame of a film, a sign for a model until somebody takes a poster of it.
 */
final class Posters
{
    private const SECONDS = 20;

    private const MEMORY = 1_200 * 1024 * 1024;

    /** No larger than the largest size that is made of a picture. */
    private const SMALLER = "scale=w='if(gt(iw,ih),min(2400,iw),-2)':h='if(gt(iw,ih),-2,min(2400,ih))'";

    /**
     * @param  string  $original  path of the file
     * @param  string  $folder  where the still is written
     * @return array{string, string} its type and path
     *
     * @throws PictureFault
     */
    public static function still(string $original, string $type, string $folder): array
    {
        return MediaKind::ofType($type) === MediaKind::Film
            ? ['jpg', self::frame($original, $folder)]
            : ['png', self::sign($folder)];
    }

    /** The most telling of the first frames, as ffmpeg's thumbnail filter finds it. */
    private static function frame(string $film, string $folder): string
    {
        $path = "{$folder}/poster.jpg";
        $process = BoundedProcess::of(
            ['--cpu=' . self::SECONDS, '--as=' . self::MEMORY],
            [
                'ffmpeg',
                '-nostdin',
                '-v',
                'error',
                '-protocol_whitelist',
                'file',
                '-threads',
                '1',
                '-i',
                $film,
                '-an',
                '-sn',
                '-map_metadata',
                '-1',
                '-vf',
                self::SMALLER . ',thumbnail=50',
                '-frames:v',
                '1',
                '-q:v',
                '2',
                $path,
            ],
            2 * self::SECONDS,
            $folder,
        );
        try {
            $process->run();
        } catch (ProcessException $late) {
            throw PictureFault::beyond('takes longer than ' . self::SECONDS . ' seconds to read', $late->getMessage());
        }

        return is_file($path) && filesize($path) > 0
            ? $path
            : throw PictureFault::damaged('no frame: ' . mb_substr($process->getErrorOutput(), 0, 300));
    }

    private static function sign(string $folder): string
    {
        $side = GlbFile::POSTER;
        $draw = new ImagickDraw();
        $draw->setFillColor('none');
        $draw->setStrokeColor('#8b94a8');
        $draw->setStrokeWidth(14);
        $draw->setStrokeLineJoin(Imagick::LINEJOIN_ROUND);
        $at = fn(float $x, float $y): array => ['x' => $side * $x, 'y' => $side * $y];
        $draw->polygon([
            $at(0.5, 0.22),
            $at(0.74, 0.36),
            $at(0.74, 0.64),
            $at(0.5, 0.78),
            $at(0.26, 0.64),
            $at(0.26, 0.36),
        ]);
        $draw->polyline([$at(0.26, 0.36), $at(0.5, 0.5), $at(0.74, 0.36)]);
        $draw->line($side * 0.5, $side * 0.5, $side * 0.5, $side * 0.78);
        $picture = new Imagick();
        $picture->newImage($side, $side, '#f7f7f5', 'png');
        $picture->drawImage($draw);
        $picture->writeImage("png:{$folder}/poster.png");

        return "{$folder}/poster.png";
    }
}
