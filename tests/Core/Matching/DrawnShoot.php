<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Core\Color\Measuring\ColorMeter;
use Core\Color\Measuring\Sample;
use Core\Color\Srgb;
use Core\Matching\Shoots\ShotLook;
use Core\Matching\Shoots\ShotPicture;
use Core\Matching\Shoots\TakenPicture;
use GdImage;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * A shoot as a studio makes it, drawn: goods of one or two products, color after color in any order, each in the same
 * views one after the other; here and there a view is missing, or a picture was taken twice. Names are a camera's
 * numbers, so that only what is drawn and when it was taken tells anything.
 */
final class DrawnShoot
{
    private const SIDE = 96;

    private const COLORS = [
        '#5f7049',
        '#b4694a',
        '#4a5a6f',
        '#d9b97a',
        '#8c2f39',
        '#2f2f33',
        '#7a6a9b',
        '#3f7f86',
        '#c77f9b',
        '#6f4e37',
    ];

    private const SKIN = '#c79b7d';

    /** Views in the order in which studios take them; every product has the first so many of one of these. */
    private const ORDERS = [
        ['front', 'back', 'detail', 'worn'],
        ['front', 'side', 'back', 'detail'],
        ['worn', 'front', 'back', 'detail'],
        ['front', 'back', 'side', 'detail', 'worn'],
        ['front', 'back', 'detail'],
    ];

    private readonly Randomizer $random;

    /** @var array<string, ShotPicture> */
    public array $pictures = [];

    /** @var array<string, string> key => product and color that it shows */
    public array $group = [];

    /** @var array<string, string> key => product that it shows */
    public array $product = [];

    /** @var array<string, int> key => which view of its product, from 0 */
    public array $view = [];

    /** @var list<list<string>> of each product, in order */
    public array $orders = [];

    private int $number = 0;

    private float $now = 0.0;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
        $ground = ['#f4f4f2', '#ffffff', '#e9e6e0', '#dfe3e6'][$this->random->getInt(0, 3)];
        $cameras = $this->chance(0.3) ? ['A', 'B'] : ['A'];
        $isTimed = $this->chance(0.85);
        $products = $this->chance(0.4) ? 2 : 1;
        $groups = $forms = [];
        for ($product = 0; $product < $products; $product++) {
            $this->orders[] = self::ORDERS[$this->random->getInt(0, count(self::ORDERS) - 1)];
            $forms[] = $this->form($product);
            $colors = array_slice($this->random->shuffleArray(self::COLORS), 0, $this->random->getInt(3, 7));
            foreach ($colors as $color) {
                $groups[] = [$product, $color];
            }
        }
        // Two products come one after the other, or color by color in turn.
        $groups = $this->chance(0.6) && $products === 2 ? $this->random->shuffleArray($groups) : $groups;
        $camera = fn(int $at): string => $cameras[count($cameras) === 2 && $at >= count($groups) / 2 ? 1 : 0];
        foreach ($groups as $at => [$product, $color]) {
            if ($at > 0 && $camera($at) !== $camera($at - 1)) {
                [$this->number, $this->now] = [$this->random->getInt(1000, 5000), 40.0];
            }
            $this->now += 30 + $this->random->getInt(0, 900) / 10;
            $this->shoot($product, $color, $forms[$product], $ground, $camera($at), $isTimed);
        }
    }

    /** @param  array<string, float>  $form */
    private function shoot(
        int $product,
        string $color,
        array $form,
        string $ground,
        string $camera,
        bool $isTimed,
    ): void {
        $missing = $this->chance(0.12) ? $this->random->getInt(0, count($this->orders[$product]) - 1) : -1;
        foreach ($this->orders[$product] as $view => $name) {
            if ($view === $missing) {
                continue;
            }
            for ($times = $this->chance(0.06) ? 2 : 1; $times > 0; $times--) {
                $this->now += 3 + $this->random->getInt(0, 70) / 10;
                $this->number++;
                $key = "{$camera}{$this->number}";
                $time = sprintf('2026-11-30 %02d:%02d:%06.3f', ...self::clock($this->now));
                $this->pictures[$key] = new ShotPicture(
                    new TakenPicture(
                        sprintf('DSC%s%04d.jpg', $camera, $this->number),
                        '',
                        "Camera {$camera}",
                        $isTimed ? $time : null,
                    ),
                    $this->look($name, $form, $color, $ground),
                );
                $this->group[$key] = "{$product} {$color}";
                $this->product[$key] = (string) $product;
                $this->view[$key] = $view;
            }
        }
    }

    /** @return array{int, int, float} */
    private static function clock(float $seconds): array
    {
        return [8 + intdiv((int) $seconds, 3600), intdiv((int) $seconds, 60) % 60, fmod($seconds, 60)];
    }

    private function chance(float $of): bool
    {
        return $this->random->getInt(0, 9999) < $of * 10000;
    }

    private function between(float $least, float $most): float
    {
        return $least + (($most - $least) * $this->random->getInt(0, 10000)) / 10000;
    }

    /** @return array<string, float> measures of the goods, in parts of the picture */
    private function form(int $product): array
    {
        return [
            'width' => $product === 0 ? $this->between(0.28, 0.42) : $this->between(0.45, 0.62),
            'height' => $product === 0 ? $this->between(0.55, 0.8) : $this->between(0.3, 0.5),
            'sleeve' => $this->between(0.0, 0.2),
            'neck' => $this->between(0.04, 0.12),
            'pocket' => $this->between(0.1, 0.2),
            'hem' => $this->between(0.8, 1.25),
        ];
    }

    /** @param  array<string, float>  $form */
    private function look(string $view, array $form, string $color, string $ground): ShotLook
    {
        $image = $this->drawing($view, $form, $color, $ground);

        return ShotLook::of((new ColorMeter())->measure($this->sample($image, 48)), $this->sample($image, 32));
    }

    /**
     * A photograph of the first product's kind, as a file.
     *
     * @return string path of a JPEG
     */
    public function photograph(string $view, string $color): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'slate');
        $form = [
            'width' => 0.4,
            'height' => 0.7,
            'sleeve' => 0.14,
            'neck' => 0.09,
            'pocket' => 0.16,
            'hem' => 1.1,
        ];
        $image = imagescale($this->drawing($view, $form, $color, '#f4f4f2'), 240, 240);
        assert($image instanceof GdImage);
        imagejpeg($image, $path, 92);

        return $path;
    }

    /** @param  array<string, float>  $form */
    private function drawing(string $view, array $form, string $color, string $ground): GdImage
    {
        $image = imagecreatetruecolor(self::SIDE, self::SIDE);
        assert($image instanceof GdImage);
        $light = $this->between(0.94, 1.05);
        imagefilledrectangle($image, 0, 0, self::SIDE, self::SIDE, self::lit($ground, 1.0));
        $cloth = self::lit($color, $light);
        $dark = self::lit($color, $light * 0.7);
        $at = [0.5 + $this->between(-0.015, 0.015), 0.5 + $this->between(-0.015, 0.015)];
        $size = $this->between(0.98, 1.02);
        $polygon = function (array $points, int $ink) use ($image, $at, $size): void {
            $flat = [];
            foreach ($points as [$x, $y]) {
                array_push(
                    $flat,
                    (int) (self::SIDE * ($at[0] + $x * $size)),
                    (int) (self::SIDE * ($at[1] + $y * $size)),
                );
            }
            imagefilledpolygon($image, $flat, $ink);
        };
        [$w, $h] = [$form['width'] / 2, $form['height'] / 2];
        $body = [[-$w, -$h], [$w, -$h], [$w * $form['hem'], $h], [-$w * $form['hem'], $h]];
        $sleeves = [
            [-$w - $form['sleeve'], -$h * 0.4],
            [-$w, -$h],
            [$w, -$h],
            [$w + $form['sleeve'], -$h * 0.4],
            [$w, -$h * 0.2],
            [-$w, -$h * 0.2],
        ];
        $pocket = $form['pocket'];
        if ($view === 'front' || $view === 'back') {
            $polygon($sleeves, $cloth);
            $polygon($body, $cloth);
        }
        match ($view) {
            'front' => [
                $polygon([[-$w * 0.4, -$h], [$w * 0.4, -$h], [0, -$h + 2 * $form['neck']]], self::lit($ground, 1.0)),
                $polygon(
                    [[$w * 0.1, 0], [$w * 0.1 + $pocket, 0], [$w * 0.1 + $pocket, $pocket], [$w * 0.1, $pocket]],
                    $dark,
                ),
            ],
            'back' => $polygon([[-$w, -$h * 0.62], [$w, -$h * 0.62], [$w, -$h * 0.5], [-$w, -$h * 0.5]], $dark),
            'side' => $polygon([[-$w * 0.45, -$h], [$w * 0.35, -$h], [$w * 0.5, $h], [-$w * 0.35, $h]], $cloth),
            'detail' => [
                $polygon([[-0.5, -$h], [$w, -$h * 1.2], [$w * 1.1, 0.5], [-0.5, 0.5]], $cloth),
                $polygon([[-$pocket, -0.1], [$pocket, -0.12], [$pocket, $pocket], [-$pocket, $pocket]], $dark),
            ],
            default => [
                $polygon([[-0.07, -0.46], [0.07, -0.46], [0.07, -0.3], [-0.07, -0.3]], self::lit(self::SKIN, $light)),
                $polygon([[-$w * 0.7, -0.3], [$w * 0.7, -0.3], [$w * 0.8, 0.16], [-$w * 0.8, 0.16]], $cloth),
                $polygon(
                    [[-$w * 0.6, 0.16], [$w * 0.6, 0.16], [$w * 0.4, 0.47], [-$w * 0.4, 0.47]],
                    self::lit('#3a4250', $light),
                ),
            ],
        };

        return $image;
    }

    private static function lit(string $hex, float $light): int
    {
        $color = Srgb::fromHex($hex);

        return (min(255, (int) ($color->red * $light)) << 16) |
            (min(255, (int) ($color->green * $light)) << 8) |
            min(255, (int) ($color->blue * $light));
    }

    private function sample(GdImage $image, int $side): Sample
    {
        $small = imagecreatetruecolor($side, $side);
        assert($small instanceof GdImage);
        imagecopyresampled($small, $image, 0, 0, 0, 0, $side, $side, self::SIDE, self::SIDE);
        $pixels = [];
        for ($y = 0; $y < $side; $y++) {
            for ($x = 0; $x < $side; $x++) {
                $noise = $this->random->getInt(-5, 5);
                $pixel = (int) imagecolorat($small, $x, $y);
                $packed = 0;
                foreach ([16, 8, 0] as $shift) {
                    $packed |= max(0, min(255, (($pixel >> $shift) & 255) + $noise)) << $shift;
                }
                $pixels[] = $packed;
            }
        }

        return new Sample($side, $side, $pixels);
    }
}
