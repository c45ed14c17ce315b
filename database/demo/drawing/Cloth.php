<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

/** What all demo pictures share: the ground, the light, cloth, seams and shadows. Drawn in a 1600 × 1600 square. */
final class Cloth
{
    public static function shade(string $color, float $by): string
    {
        $parts = array_map(hexdec(...), str_split(ltrim($color, '#'), 2));

        return '#'.implode('', array_map(fn (float|int $part): string => sprintf('%02x', max(0, min(255, (int) round($part * $by)))), $parts));
    }

    /**
     * A whole picture. The light comes from the upper left; the relief of the cloth differs by seed.
     *
     * @param  float  $weave  how coarse the thread is, 1 for canvas
     */
    public static function picture(string $content, int $seed, float $weave = 1.0, int $folds = 32): string
    {
        $thread = sprintf('%.3f %.3f', 0.22 / $weave, 0.4 / $weave);

        return <<<SVG
            <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="1600" height="1600" viewBox="0 0 1600 1600">
            <defs>
            <radialGradient id="ground" cx=".5" cy=".45" r=".75"><stop offset="0" stop-color="#fdfdfc"/><stop offset="1" stop-color="#f3f3f1"/></radialGradient>
            <linearGradient id="round" x1="0" x2="1"><stop offset="0" stop-color="#000" stop-opacity=".34"/><stop offset=".22" stop-color="#000" stop-opacity=".06"/><stop offset=".42" stop-color="#fff" stop-opacity=".13"/><stop offset=".72" stop-color="#000" stop-opacity=".05"/><stop offset="1" stop-color="#000" stop-opacity=".38"/></linearGradient>
            <linearGradient id="fall" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#fff" stop-opacity=".10"/><stop offset=".5" stop-color="#fff" stop-opacity="0"/><stop offset="1" stop-color="#000" stop-opacity=".20"/></linearGradient>
            <filter id="soft" x="-30%" y="-30%" width="160%" height="160%"><feGaussianBlur stdDeviation="26"/></filter>
            <filter id="softer" x="-60%" y="-60%" width="220%" height="220%"><feGaussianBlur stdDeviation="14"/></filter>
            <filter id="cloth" x="-4%" y="-4%" width="108%" height="108%" color-interpolation-filters="sRGB">
              <feTurbulence type="fractalNoise" baseFrequency="0.0046 0.0017" numOctaves="3" seed="{$seed}" result="big"/>
              <feDiffuseLighting in="big" surfaceScale="{$folds}" diffuseConstant="1.16" lighting-color="#fff" result="folds"><feDistantLight azimuth="215" elevation="60"/></feDiffuseLighting>
              <feTurbulence type="fractalNoise" baseFrequency="{$thread}" numOctaves="2" seed="{$seed}" result="fine"/>
              <feDiffuseLighting in="fine" surfaceScale="2.4" diffuseConstant="1.15" lighting-color="#fff" result="thread"><feDistantLight azimuth="225" elevation="62"/></feDiffuseLighting>
              <feBlend mode="multiply" in="folds" in2="thread" result="relief"/>
              <feBlend mode="multiply" in="relief" in2="SourceGraphic" result="lit"/>
              <feComposite operator="in" in="lit" in2="SourceAlpha"/>
            </filter>
            </defs>
            <rect width="1600" height="1600" fill="url(#ground)"/>
            {$content}
            </svg>
            SVG;
    }

    public static function shadow(int $x, int $y, int $width, int $height, float $strength = 0.3): string
    {
        return "<ellipse cx=\"{$x}\" cy=\"{$y}\" rx=\"{$width}\" ry=\"{$height}\" fill=\"#2a2a30\" opacity=\"{$strength}\" filter=\"url(#soft)\"/>";
    }

    /** A piece of cloth: its own drop shadow, the woven color, and the roundness of what it covers. */
    public static function piece(string $path, string $color, float $round = 1.0): string
    {
        $edge = self::shade($color, 0.62);
        // The relief takes light away; the cloth is to photograph as its color.
        $lit = self::shade($color, 1.17);

        return <<<SVG
            <path d="{$path}" fill="#1d1d22" opacity=".22" filter="url(#softer)" transform="translate(6 12)"/>
            <path d="{$path}" fill="{$lit}" filter="url(#cloth)"/>
            <path d="{$path}" fill="url(#round)" opacity="{$round}"/>
            <path d="{$path}" fill="url(#fall)"/>
            <path d="{$path}" fill="none" stroke="{$edge}" stroke-width="3" stroke-linejoin="round"/>
            SVG;
    }

    /** A sewn seam: the valley of the cloth, and the stitches beside it. */
    public static function seam(string $path, string $color, float $opacity = 1.0): string
    {
        $valley = self::shade($color, 0.55);
        $stitch = self::shade($color, 1.42);

        return <<<SVG
            <g opacity="{$opacity}"><path d="{$path}" fill="none" stroke="{$valley}" stroke-width="5" stroke-linecap="round" opacity=".75"/>
            <path d="{$path}" fill="none" stroke="{$stitch}" stroke-width="3" stroke-dasharray="12 8" stroke-linecap="round" transform="translate(9 3)" opacity=".8"/></g>
            SVG;
    }

    /** A deep fold: a dark line that fades, with its light edge. */
    public static function fold(string $path, float $strength = 0.3): string
    {
        return <<<SVG
            <path d="{$path}" fill="none" stroke="#000" stroke-width="26" stroke-linecap="round" opacity="{$strength}" filter="url(#softer)"/>
            <path d="{$path}" fill="none" stroke="#fff" stroke-width="12" stroke-linecap="round" opacity=".16" filter="url(#softer)" transform="translate(-24 0)"/>
            SVG;
    }

    public static function button(int $x, int $y, string $color): string
    {
        $dark = self::shade($color, 0.45);

        return <<<SVG
            <circle cx="{$x}" cy="{$y}" r="19" fill="#000" opacity=".3" transform="translate(3 6)"/><circle cx="{$x}" cy="{$y}" r="18" fill="#cbb58f"/><circle cx="{$x}" cy="{$y}" r="18" fill="none" stroke="#8c7650" stroke-width="3"/><circle cx="{$x}" cy="{$y}" r="11" fill="none" stroke="#a58d64" stroke-width="2"/>
            <g fill="{$dark}"><circle cx="{$x}" cy="{$y}" r="2.6" transform="translate(-5 -5)"/><circle cx="{$x}" cy="{$y}" r="2.6" transform="translate(5 -5)"/><circle cx="{$x}" cy="{$y}" r="2.6" transform="translate(-5 5)"/><circle cx="{$x}" cy="{$y}" r="2.6" transform="translate(5 5)"/></g>
            SVG;
    }

    /** @param  list<list<string>>  $rows the first row is the head */
    public static function guide(string $title, array $rows): string
    {
        $text = 'font-family="Hanken Grotesk, DejaVu Sans, sans-serif"';
        $drawn = "<rect x=\"150\" y=\"150\" width=\"1300\" height=\"1300\" rx=\"18\" fill=\"#fff\" stroke=\"#d7dae1\" stroke-width=\"3\"/><text x=\"230\" y=\"290\" {$text} font-size=\"76\" font-weight=\"600\" fill=\"#1c2333\">{$title}</text>";
        $width = 1140 / count($rows[0]);
        $height = min(120, 960 / count($rows));
        foreach ($rows as $at => $row) {
            $y = 400 + (int) ($at * $height);
            foreach ($row as $column => $cell) {
                $x = 230 + (int) ($column * $width);
                $weight = $at === 0 || $column === 0 ? '600' : '400';
                $drawn .= "<text x=\"{$x}\" y=\"{$y}\" {$text} font-size=\"46\" font-weight=\"{$weight}\" fill=\"#3d475a\">{$cell}</text>";
            }
            $line = $y + (int) ($height * 0.32);
            $drawn .= "<path d=\"M230 {$line}H1370\" stroke=\"#dfe3e9\" stroke-width=\"3\"/>";
        }

        return self::picture($drawn, 1);
    }
}
