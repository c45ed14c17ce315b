<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

/** A closed garden clog with a thick sole. */
final class Clog
{
    private const UPPER = 'M240 960 C236 860 300 780 420 742 C560 700 690 640 800 560 C880 502 980 476 1090 492 C1200 510 1290 560 1330 640 C1356 720 1366 850 1362 968 C1100 990 700 1000 240 960 Z';

    private const SOLE = 'M214 950 C520 1000 1060 1000 1378 952 C1392 1010 1392 1060 1380 1104 C1300 1120 1180 1124 1080 1112 C1010 1084 930 1082 860 1108 C640 1136 380 1130 236 1098 C210 1050 206 1000 214 950 Z';

    public function __construct(
        private readonly string $color,
        private readonly int $seed,
    ) {
    }

    public function side(): string
    {
        return Cloth::picture(Cloth::shadow(800, 1130, 620, 34, 0.42).$this->shoe(), $this->seed, 1.4, 26);
    }

    public function pair(): string
    {
        $back = '<g transform="translate(150 -120) scale(.86)">'.$this->shoe().'</g>';
        $front = '<g transform="translate(-20 240) scale(.92)">'.$this->shoe().'</g>';

        return Cloth::picture(Cloth::shadow(850, 860, 560, 30, 0.34).$back.Cloth::shadow(710, 1285, 580, 34, 0.42).$front, $this->seed + 1, 1.4, 26);
    }

    public function top(): string
    {
        $foot = 'M560 210 C640 150 730 170 770 260 C820 400 816 560 800 720 C792 860 806 1000 792 1160 C776 1330 560 1340 520 1170 C490 1010 530 880 512 730 C488 540 480 300 560 210 Z';
        $opening = 'M560 800 C600 760 720 760 762 800 C770 920 776 1040 764 1150 C750 1270 580 1270 558 1160 C540 1040 550 920 560 800 Z';
        $inside = Cloth::shade($this->color, 0.42);
        $one = Cloth::shadow(655, 790, 170, 570, 0.3).Cloth::piece($foot, $this->color, 0.9)
            ."<path d=\"{$opening}\" fill=\"{$inside}\"/><path d=\"M586 860 C620 830 700 830 738 860 C746 960 750 1060 740 1140 C728 1230 600 1230 584 1150 C570 1060 578 960 586 860 Z\" fill=\"#b79a72\" opacity=\".92\"/>"
            .Cloth::seam('M548 790 C600 745 720 745 776 790', $this->color).Cloth::fold('M600 520 C650 500 700 505 745 530', 0.2);

        return Cloth::picture("<g transform=\"translate(-40 0)\">{$one}</g><g transform=\"translate(1640 0) scale(-1 1)\">{$one}</g>", $this->seed + 2, 1.4, 22);
    }

    public function detail(): string
    {
        return Cloth::picture('<g transform="translate(-1500 -900) scale(2.1)">'.$this->shoe().'</g>', $this->seed + 3, 1.4, 26);
    }

    private function shoe(): string
    {
        $inside = Cloth::shade($this->color, 0.4);
        $sole = '#4a443d';
        $grooves = '';
        for ($x = 290; $x < 1360; $x += 58) {
            $grooves .= "<path d=\"M{$x} 1084 l-14 34\" stroke=\"#2c2824\" stroke-width=\"9\" stroke-linecap=\"round\"/>";
        }
        $holes = '';
        foreach ([[470, 806], [560, 776], [650, 740], [520, 866], [610, 838], [700, 804]] as [$x, $y]) {
            $holes .= "<ellipse cx=\"{$x}\" cy=\"{$y}\" rx=\"17\" ry=\"13\" fill=\"{$inside}\"/><path d=\"M".($x - 15).' '.($y + 8).' q15 10 30 0" stroke="#fff" stroke-opacity=".3" stroke-width="4" fill="none"/>';
        }

        return "<path d=\"M800 566 C900 500 1010 470 1110 500 C1230 530 1300 580 1330 650 C1200 640 1000 660 900 720 Z\" fill=\"{$inside}\"/>"
            .Cloth::piece(self::SOLE, $sole, 0.5).$grooves.Cloth::piece(self::UPPER, $this->color, 0.55)
            ."<path d=\"M800 566 C870 640 1150 700 1334 648 C1310 580 1240 528 1110 498 C1000 474 900 498 800 566 Z\" fill=\"{$inside}\"/><path d=\"M820 580 C900 640 1140 684 1312 640 C1290 600 1230 560 1120 540 C1010 522 900 530 820 580 Z\" fill=\"#a98d68\" opacity=\".55\"/>"
            .Cloth::seam('M790 580 C860 660 1150 722 1340 668', $this->color).Cloth::seam('M250 930 C560 968 1040 968 1360 934', $this->color)
            .$holes.'<path d="M330 850 C420 770 560 740 680 680" stroke="#fff" stroke-opacity=".28" stroke-width="26" stroke-linecap="round" fill="none" filter="url(#softer)"/>'
            .Cloth::fold('M930 760 C960 840 960 900 950 950', 0.2);
    }
}
