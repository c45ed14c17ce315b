<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

/** A loose work smock, buttoned down the front or pulled over the head. */
final class Smock
{
    private const BODY = 'M560 250 C620 215 690 200 730 205 C760 250 840 250 870 205 C910 200 980 215 1040 250 C1075 420 1090 640 1110 860 C1125 1050 1140 1230 1146 1372 C1040 1412 920 1424 800 1424 C680 1424 560 1412 454 1372 C460 1230 475 1050 490 860 C510 640 525 420 560 250 Z';

    private const LEFT = 'M566 252 C500 285 452 330 430 400 C390 540 352 690 330 838 C352 868 420 884 468 874 C490 770 520 640 556 540 C566 440 572 340 566 252 Z';

    public function __construct(
        private readonly string $color,
        private readonly bool $buttoned,
        private readonly int $seed,
    ) {
    }

    public function front(bool $worn = false): string
    {
        $collar = Cloth::shade($this->color, 0.8);
        $content = Cloth::shadow(800, 1440, 400, 40).($worn ? $this->wearer() : '').$this->sleeves()
            .Cloth::piece(self::BODY, $this->color)
            .Cloth::fold('M610 560 C600 800 575 1050 560 1330', 0.26).Cloth::fold('M985 520 C1010 800 1030 1080 1050 1330', 0.26).Cloth::fold('M700 900 C690 1080 690 1250 680 1400', 0.18)
            .$this->pocket(560, 930).$this->pocket(850, 930)
            ."<path d=\"M728 205 C750 262 850 262 872 205 C860 300 740 300 728 205 Z\" fill=\"{$collar}\"/>"
            .Cloth::seam('M560 252 C640 300 690 310 720 300', $this->color).Cloth::seam('M1040 252 C960 300 910 310 880 300', $this->color)
            .Cloth::seam('M462 1330 C700 1385 900 1385 1138 1330', $this->color);
        if ($this->buttoned) {
            $content .= Cloth::seam('M770 285 V1418', $this->color).Cloth::seam('M838 285 V1418', $this->color);
            foreach ([340, 520, 700, 880, 1060, 1240] as $y) {
                $content .= Cloth::button(804, $y, $this->color);
            }
        } else {
            $content .= Cloth::seam('M800 285 V520', $this->color).Cloth::seam('M560 640 C700 670 900 670 1040 640', $this->color).Cloth::button(800, 330, $this->color).Cloth::button(800, 430, $this->color);
        }

        return Cloth::picture($content.$this->collar(), $this->seed);
    }

    public function back(): string
    {
        $content = Cloth::shadow(800, 1440, 400, 40).$this->sleeves().Cloth::piece(self::BODY, $this->color)
            .Cloth::fold('M640 620 C620 850 600 1080 590 1340', 0.24).Cloth::fold('M960 620 C980 850 1000 1080 1010 1340', 0.24).Cloth::fold('M800 560 V1380', 0.3)
            .Cloth::seam('M552 420 C700 460 900 460 1048 420', $this->color).Cloth::seam('M770 450 V640', $this->color, 0.8).Cloth::seam('M830 450 V640', $this->color, 0.8)
            .Cloth::seam('M462 1330 C700 1385 900 1385 1138 1330', $this->color);
        if (! $this->buttoned) {
            $content .= Cloth::seam('M510 820 C700 850 900 850 1090 820', $this->color);
        }
        $collar = Cloth::shade($this->color, 0.92);

        return Cloth::picture($content."<path d=\"M700 212 C740 170 860 170 900 212 C860 240 740 240 700 212 Z\" fill=\"{$collar}\" stroke=\"#0003\" stroke-width=\"4\"/>", $this->seed + 1);
    }

    public function worn(): string
    {
        return $this->front(true);
    }

    public function detail(): string
    {
        $content = Cloth::piece('M-40 -40 H1640 V1640 H-40 Z', $this->color, 0.5)
            .Cloth::fold('M180 -20 C240 500 160 1000 260 1620', 0.3).Cloth::fold('M1430 -20 C1380 600 1480 1100 1420 1620', 0.3);
        $pocket = 'M420 460 H1180 V1120 C1180 1190 1120 1220 1060 1220 H540 C480 1220 420 1190 420 1120 Z';
        $content .= Cloth::piece($pocket, Cloth::shade($this->color, 0.98), 0.25)
            .Cloth::seam('M420 580 H1180', $this->color).Cloth::seam('M452 480 V1110 C452 1165 500 1190 550 1190 H1050 C1105 1190 1150 1165 1150 1110 V480', $this->color);
        $content .= $this->buttoned
            ? str_replace('<circle', '<circle transform-origin="0 0"', '<g transform="translate(800 560) scale(3.1) translate(-800 -560)">'.Cloth::button(800, 560, $this->color).'</g>')
            : '<g fill="#b9bcc2" stroke="#6a6e76" stroke-width="6"><circle cx="440" cy="490" r="20"/><circle cx="1160" cy="490" r="20"/></g>';

        return Cloth::picture($content, $this->seed + 2, 2.2, 30);
    }

    private function sleeves(): string
    {
        $left = Cloth::piece(self::LEFT, $this->color).Cloth::seam('M336 800 C370 826 430 836 474 830', $this->color).Cloth::fold('M470 420 C440 560 410 680 390 820', 0.3);

        return $left."<g transform=\"translate(1600 0) scale(-1 1)\">{$left}</g>";
    }

    private function collar(): string
    {
        $leaf = Cloth::piece('M728 205 C700 214 676 226 660 240 C676 300 706 330 744 348 C762 310 776 292 790 280 C758 262 738 238 728 205 Z', Cloth::shade($this->color, 1.05), 0.3);

        return $leaf."<g transform=\"translate(1600 0) scale(-1 1)\">{$leaf}</g>";
    }

    private function pocket(int $x, int $y): string
    {
        [$right, $deep, $bend, $in] = [$x + 190, $y + 190, $y + 160, $x + 16];

        return Cloth::piece("M{$x} {$y} H{$right} V{$bend} Q{$right} {$deep} ".($right - 34)." {$deep} H".($x + 34)." Q{$x} {$deep} {$x} {$bend} Z", Cloth::shade($this->color, 0.96), 0.35)
            .Cloth::seam("M{$in} ".($y + 34).' H'.($right - 16), $this->color);
    }

    /** Nobody in particular: a neck, hands and trousers in grey, as a tailor's figure. */
    private function wearer(): string
    {
        return '<g><path d="M742 120 C742 60 858 60 858 120 V250 H742 Z" fill="#c9a58a"/><path d="M716 60 C716 -60 884 -60 884 60 C884 130 850 160 800 160 C750 160 716 130 716 60 Z" fill="#d2af95"/><path d="M714 56 C700 -70 900 -70 886 56 C860 10 740 10 714 56 Z" fill="#4c3a2e"/>'
            .'<path d="M560 1330 H1040 L1020 1600 H830 L800 1420 L770 1600 H580 Z" fill="#56606e"/><ellipse cx="392" cy="900" rx="46" ry="66" fill="#cda88d"/><ellipse cx="1208" cy="900" rx="46" ry="66" fill="#cda88d"/></g>';
    }
}
