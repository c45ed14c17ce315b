<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

/** A hooded rain cape. */
final class Cape
{
    public function __construct(
        private readonly string $color,
        private readonly int $seed,
    ) {
    }

    public function front(): string
    {
        return Cloth::picture($this->body().Cloth::seam('M800 520 V1388', $this->color).Cloth::button(800, 620, $this->color).Cloth::button(800, 780, $this->color)
            .Cloth::seam('M520 940 L640 990', $this->color).Cloth::seam('M1080 940 L960 990', $this->color).$this->hood(true), $this->seed, 0.6, 42);
    }

    public function back(): string
    {
        return Cloth::picture($this->body().Cloth::fold('M800 560 V1380', 0.32).Cloth::seam('M470 700 C660 760 940 760 1130 700', $this->color).$this->hood(false), $this->seed + 1, 0.6, 42);
    }

    private function body(): string
    {
        return Cloth::shadow(800, 1420, 520, 40)
            .Cloth::piece('M660 430 C560 480 470 600 410 800 C350 1000 300 1180 270 1330 C420 1400 620 1426 800 1426 C980 1426 1180 1400 1330 1330 C1300 1180 1250 1000 1190 800 C1130 600 1040 480 940 430 Z', $this->color)
            .Cloth::fold('M560 640 C500 880 460 1120 440 1360', 0.3).Cloth::fold('M1040 640 C1100 880 1140 1120 1160 1360', 0.3).Cloth::fold('M690 700 C670 960 650 1180 640 1400', 0.2)
            .Cloth::seam('M282 1290 C600 1396 1000 1396 1318 1290', $this->color);
    }

    private function hood(bool $open): string
    {
        $dark = Cloth::shade($this->color, 0.35);
        $hood = Cloth::piece('M640 450 C600 340 630 210 720 160 C770 136 830 136 880 160 C970 210 1000 340 960 450 C900 520 700 520 640 450 Z', Cloth::shade($this->color, 1.04), 0.8);

        return $open ? $hood."<path d=\"M690 440 C660 350 690 250 740 220 C780 200 820 200 860 220 C910 250 940 350 910 440 C860 490 740 490 690 440 Z\" fill=\"{$dark}\"/>" : $hood.Cloth::seam('M800 150 V490', $this->color);
    }
}
