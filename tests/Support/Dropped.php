<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\Intake\AcceptFiles;
use App\Actions\Intake\OpenDrop;
use App\Actions\Intake\ReceivePart;
use App\Intake\AnnouncedFile;
use App\Intake\DropReading;
use App\Intake\ReadDrop;
use App\Intake\ReadFile;
use App\Models\Batch;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\Product;
use App\Models\User;
use Core\Color\Names\ColorNames;
use Core\Matching\Drop\DropFileStatus;
use Core\Text\Name;
use Imagick;
use ImagickDraw;
use ImagickPixel;
use LogicException;

/** Files dropped into the intake of a small shop, the way people drop them. */
final class Dropped
{
    private const SWATCHES = ['moss' => '#5f7049', 'clay' => '#b5694a', 'slate' => '#4c5d73'];

    /** A cloth on white, of a shape of its own for each name, in the color that its name says. */
    public static function picture(string $name, ?string $hex = null, int $side = 120): string
    {
        $color = $hex;
        foreach (self::SWATCHES as $word => $swatch) {
            $color ??= str_contains(mb_strtolower($name), $word) ? $swatch : null;
        }
        $picture = new Imagick();
        $picture->newImage($side, $side, '#f7f7f5', 'jpeg');
        $cloth = new ImagickDraw();
        $cloth->setFillColor($color ?? (ColorNames::hex(Name::of($name)->folded) ?? '#808080'));
        mt_srand(crc32($name));
        $cloth->ellipse(
            $side * 0.5,
            ($side * mt_rand(40, 60)) / 100,
            ($side * mt_rand(18, 34)) / 100,
            ($side * mt_rand(18, 34)) / 100,
            0,
            360,
        );
        $cloth->rectangle(
            ($side * mt_rand(25, 45)) / 100,
            ($side * mt_rand(30, 40)) / 100,
            ($side * mt_rand(55, 75)) / 100,
            ($side * mt_rand(60, 85)) / 100,
        );
        $cloth->setFillColor(new ImagickPixel('#f7f7f5'));
        $cloth->circle(
            ($side * mt_rand(40, 60)) / 100,
            ($side * mt_rand(40, 60)) / 100,
            ($side * mt_rand(40, 60)) / 100,
            $side * 0.45,
        );
        $picture->drawImage($cloth);
        $picture->setImageCompressionQuality(92);
        $path = (string) tempnam(sys_get_temp_dir(), 'slate');
        $picture->writeImage("jpeg:{$path}");

        return $path;
    }

    /** @param  array<string, string>  $files  name => path; of names alone a picture is drawn */
    public static function files(User $user, array $files, string $sender = '', ?Product $product = null): Drop
    {
        $paths = [];
        foreach ($files as $name => $path) {
            $paths[is_int($name) ? $path : $name] = is_int($name) ? self::picture($path) : $path;
        }
        $announced = array_map(
            fn(string $name, string $path): AnnouncedFile => AnnouncedFile::of($name, (int) filesize($path), '1'),
            array_keys($paths),
            $paths,
        );
        $drop = app(OpenDrop::class)->run($user, '', $sender, $product, $announced);
        foreach (array_values($paths) as $at => $path) {
            app(ReceivePart::class)->run(
                $user,
                DropFile::query()->where('drop_id', $drop->id)->where('print', $announced[$at]->print())->firstOrFail()
                    ->id,
                0,
                (string) file_get_contents($path),
            );
        }

        return $drop;
    }

    public static function read(Drop $drop): ReadDrop
    {
        return app(DropReading::class)->of($drop->refresh());
    }

    public static function one(Drop $drop, string $file): ReadFile
    {
        foreach (self::read($drop)->files as $read) {
            if ($read->file->file === $file) {
                return $read;
            }
        }

        throw new LogicException("No {$file} in this drop.");
    }

    /** @return array<string, string> file => how it stands */
    public static function standings(Drop $drop): array
    {
        $statuses = [];
        foreach (self::read($drop)->files as $read) {
            $statuses[$read->file->file] = $read->status->value;
        }
        ksort($statuses);

        return $statuses;
    }

    /** @return array<int, string> id => what a page showed of them */
    public static function seen(Drop $drop, DropFileStatus $status = DropFileStatus::Sure): array
    {
        return array_map(fn(ReadFile $read): string => $read->seen(), self::read($drop)->withStatus($status));
    }

    public static function acceptSure(User $user, Drop $drop): Batch
    {
        return app(AcceptFiles::class)->asRead($user, $drop, self::seen($drop));
    }
}
