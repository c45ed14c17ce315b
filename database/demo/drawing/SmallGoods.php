<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

/** The shop's simpler things, one picture each: apron, hat, cushion, twine, trousers. */
final class SmallGoods
{
    public static function apron(string $color, int $seed): string
    {
        $strap = Cloth::shade($color, 0.7);

        return Cloth::picture(
            Cloth::shadow(800, 1430, 430, 34)
            ."<path d=\"M650 380 C620 200 980 200 950 380\" fill=\"none\" stroke=\"{$strap}\" stroke-width=\"26\" stroke-linecap=\"round\"/>"
            ."<path d=\"M470 760 C340 780 260 800 180 850 M1130 760 C1260 780 1340 800 1420 850\" fill=\"none\" stroke=\"{$strap}\" stroke-width=\"22\" stroke-linecap=\"round\"/>"
            .Cloth::piece('M620 370 L980 370 C990 520 1030 660 1140 740 L1170 1400 C1000 1430 600 1430 430 1400 L460 740 C570 660 610 520 620 370 Z', $color, 0.7)
            .Cloth::fold('M560 860 C550 1060 540 1220 536 1390', 0.22).Cloth::fold('M1050 860 C1060 1060 1070 1220 1074 1390', 0.22)
            .Cloth::piece('M580 930 L1020 930 L1010 1200 C900 1216 700 1216 590 1200 Z', Cloth::shade($color, 1.05), 0.4)
            .Cloth::seam('M730 936 V1200', $color).Cloth::seam('M870 936 V1200', $color).Cloth::seam('M586 956 H1016', $color).Cloth::seam('M632 396 H968', $color),
            $seed,
            0.9,
            26,
        );
    }

    public static function hat(string $color, int $seed): string
    {
        $band = Cloth::shade($color, 0.52);

        return Cloth::picture(
            Cloth::shadow(800, 1130, 620, 46)
            .Cloth::piece('M140 1010 C260 900 520 850 800 850 C1080 850 1340 900 1460 1010 C1400 1110 1100 1150 800 1150 C500 1150 200 1110 140 1010 Z', $color, 0.9)
            .Cloth::piece('M470 1000 C450 760 500 520 620 470 C720 430 880 430 980 470 C1100 520 1150 760 1130 1000 C1020 1050 580 1050 470 1000 Z', Cloth::shade($color, 1.03))
            ."<path d=\"M466 940 C580 1000 1020 1000 1134 940 L1132 1010 C1020 1064 580 1064 468 1010 Z\" fill=\"{$band}\"/>"
            .Cloth::fold('M650 500 C720 560 880 560 950 500', 0.28).Cloth::seam('M180 1012 C420 1110 1180 1110 1420 1012', $color),
            $seed,
            0.5,
            20,
        );
    }

    /** @param  list<string>  $colors  the ground and the pattern */
    public static function cushion(array $colors, bool $checked, int $seed): string
    {
        $outline = 'M300 640 C340 560 1260 560 1300 640 C1360 760 1360 1020 1300 1140 C1260 1220 340 1220 300 1140 C240 1020 240 760 300 640 Z';
        $lines = '';
        for ($x = 330; $x < 1300; $x += 130) {
            $lines .= "<rect x=\"{$x}\" y=\"540\" width=\"58\" height=\"700\" fill=\"{$colors[1]}\" opacity=\".8\"/>";
        }
        for ($y = 600; $checked && $y < 1220; $y += 130) {
            $lines .= "<rect x=\"240\" y=\"{$y}\" width=\"1120\" height=\"58\" fill=\"{$colors[1]}\" opacity=\".55\"/>";
        }

        return Cloth::picture(
            Cloth::shadow(800, 1230, 560, 40).Cloth::piece($outline, $colors[0], 0.5)
            ."<clipPath id=\"cushion\"><path d=\"{$outline}\"/></clipPath><g clip-path=\"url(#cushion)\">{$lines}</g>"
            ."<path d=\"{$outline}\" fill=\"url(#round)\" opacity=\".7\"/><path d=\"{$outline}\" fill=\"url(#fall)\"/>"
            .Cloth::seam('M320 672 C360 606 1240 606 1280 672', $colors[0]).Cloth::seam('M320 1108 C360 1174 1240 1174 1280 1108', $colors[0]),
            $seed,
            0.8,
            18,
        );
    }

    public static function twine(int $seed): string
    {
        $ball = 'M800 420 C1020 420 1180 580 1180 800 C1180 1020 1020 1180 800 1180 C580 1180 420 1020 420 800 C420 580 580 420 800 420 Z';
        $turns = '';
        for ($at = -5; $at <= 5; $at++) {
            $offset = $at * 62;
            $turns .= '<path d="M'.(440 + abs($offset) / 3).' '.(800 + $offset).' C600 '.(700 + $offset).' 1000 '.(700 + $offset).' '.(1160 - abs($offset) / 3).' '.(800 + $offset).'" fill="none" stroke="#7d6236" stroke-width="7" opacity=".55"/>';
            $turns .= '<path d="M'.(800 + $offset).' 440 C'.(700 + $offset).' 620 '.(700 + $offset).' 980 '.(800 + $offset).' 1160" fill="none" stroke="#c9ab74" stroke-width="5" opacity=".6"/>';
        }

        return Cloth::picture(
            Cloth::shadow(800, 1190, 400, 36).Cloth::piece($ball, '#b08f57')."<clipPath id=\"ball\"><path d=\"{$ball}\"/></clipPath><g clip-path=\"url(#ball)\">{$turns}</g>"
            .'<path d="M1120 980 C1260 1080 1160 1220 1330 1240 C1420 1250 1440 1180 1500 1190" fill="none" stroke="#a3834c" stroke-width="13" stroke-linecap="round"/>',
            $seed,
            0.3,
            14,
        );
    }

    public static function trousers(string $color, int $seed): string
    {
        return Cloth::picture(
            Cloth::shadow(800, 1470, 420, 30)
            .Cloth::piece('M520 180 L1080 180 C1110 420 1150 760 1160 1440 L900 1450 C880 1100 850 760 800 620 C750 760 720 1100 700 1450 L440 1440 C450 760 490 420 520 180 Z', $color, 0.8)
            .Cloth::fold('M600 620 C590 900 580 1180 576 1420', 0.26).Cloth::fold('M1000 620 C1010 900 1020 1180 1024 1420', 0.26).Cloth::fold('M800 400 V610', 0.3)
            .Cloth::piece('M512 180 L1088 180 L1094 262 L506 262 Z', Cloth::shade($color, 1.06), 0.4)
            .Cloth::seam('M800 264 V600', $color).Cloth::seam('M540 290 C600 400 560 470 512 500', $color).Cloth::seam('M1060 290 C1000 400 1040 470 1088 500', $color)
            .Cloth::piece('M492 860 L690 866 L684 1100 L478 1094 Z', Cloth::shade($color, 0.92), 0.3).Cloth::piece('M1108 860 L910 866 L916 1100 L1122 1094 Z', Cloth::shade($color, 0.92), 0.3)
            .Cloth::button(800, 222, $color),
            $seed,
            1.0,
            30,
        );
    }
}
