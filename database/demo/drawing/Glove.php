<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

/** A thorn-proof glove with a short cuff or a gauntlet to the elbow. */
final class Glove
{
    private const HAND = 'M600 980 C560 900 520 820 470 770 C420 730 372 700 380 656 C390 616 450 620 500 650 C560 690 590 730 606 720 C620 640 560 420 552 320 C548 260 622 244 640 306 C664 400 676 500 694 560 C704 470 700 300 706 214 C712 150 786 152 790 214 C794 320 790 460 796 556 C812 470 838 320 858 246 C876 188 944 206 936 268 C922 380 896 480 894 580 C920 520 960 430 990 376 C1018 332 1074 360 1056 414 C1030 500 984 600 972 690 C960 790 950 880 944 980 Z';

    public function __construct(
        private readonly string $color,
        private readonly bool $gauntlet,
        private readonly int $seed,
    ) {
    }

    public function front(): string
    {
        return Cloth::picture(Cloth::shadow(790, 780, 210, 400, 0.13).$this->glove(false), $this->seed, 1.0, 30);
    }

    public function back(): string
    {
        return Cloth::picture(Cloth::shadow(790, 780, 210, 400, 0.13).'<g transform="translate(1560 0) scale(-1 1)">'.$this->glove(true).'</g>', $this->seed + 1, 1.0, 30);
    }

    public function pair(): string
    {
        $one = $this->glove(false);

        return Cloth::picture(Cloth::shadow(800, 850, 420, 380, 0.12)
            ."<g transform=\"translate(-60 130) rotate(-9 700 800) scale(.82)\">{$one}</g><g transform=\"translate(1560 150) scale(-.82 .82) rotate(-11 700 800)\">{$one}</g>", $this->seed + 2, 1.0, 30);
    }

    public function detail(): string
    {
        return Cloth::picture('<g transform="translate(-900 -700) scale(2.1)">'.$this->glove(true).'</g>', $this->seed + 3, 1.3, 26);
    }

    private function glove(bool $palm): string
    {
        $leather = '#b58d63';
        $cuff = $this->gauntlet
            ? 'M604 960 C580 1080 520 1260 486 1440 C600 1500 960 1500 1074 1440 C1030 1260 968 1080 944 960 Z'
            : 'M604 960 C592 1020 584 1080 580 1150 C660 1180 890 1180 968 1150 C962 1080 954 1020 944 960 Z';
        $drawn = Cloth::piece($cuff, $this->gauntlet ? $leather : Cloth::shade($this->color, 0.85), 0.8).Cloth::piece(self::HAND, $palm ? $leather : $this->color, 0.6);
        $tint = $palm ? $leather : $this->color;
        $drawn .= Cloth::seam('M600 966 C700 996 850 996 946 966', $tint);
        foreach (['M694 560 C700 620 704 680 700 740', 'M796 556 C800 620 800 680 796 740', 'M894 580 C892 640 888 690 880 740'] as $line) {
            $drawn .= Cloth::fold($line, 0.26).($palm ? '' : Cloth::seam($line, $tint, 0.7));
        }
        if ($palm) {
            $drawn .= Cloth::piece('M640 760 C720 730 880 730 940 770 C936 850 930 900 920 940 C840 962 720 960 640 940 C620 880 622 820 640 760 Z', Cloth::shade($leather, 0.88), 0.3).Cloth::seam('M655 775 C730 748 870 750 925 782', $leather);
        } else {
            $drawn .= Cloth::fold('M560 720 C620 800 640 860 640 940', 0.24).Cloth::seam('M650 800 C740 770 850 772 930 802', $tint, 0.8);
        }
        $drawn .= $this->gauntlet
            ? Cloth::seam('M500 1400 C640 1450 920 1450 1060 1400', $leather).Cloth::fold('M640 1040 C610 1180 590 1320 580 1440', 0.26).Cloth::fold('M900 1040 C930 1180 950 1320 960 1440', 0.22)
            : Cloth::seam('M582 1120 C660 1150 890 1150 966 1120', $this->color).Cloth::seam('M590 1060 C660 1085 890 1085 958 1060', $this->color, 0.6);

        return $drawn;
    }
}
