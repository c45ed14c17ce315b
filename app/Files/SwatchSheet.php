<?php

declare(strict_types=1);

namespace App\Files;

use App\Media\BoundedProcess;
use App\Media\PhotoCuts;
use App\Media\PictureFormat;
use App\Models\Photo;
use Core\Checks\AxisColors;
use Core\Color\Lab;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Gallery\Crop;
use Core\Gallery\Shape;
use Core\Refusal;
use Core\RefusalKind;
use RuntimeException;

/** The swatches of an axis on one sheet, as SVG that needs nothing else, and drawn from it as PNG. */
final readonly class SwatchSheet
{
    private const COLUMNS = 4;

    /** Pixels. */
    private const CELL = [240, 150];

    private const SIDE = 72;

    private const MARGIN = 24;

    /** Seconds that drawing may take. */
    private const TIMEOUT = 30;

    private const MEMORY = 1_200 * 1024 * 1024;

    public function __construct(private PhotoCuts $cuts) {}

    public function svg(string $title, AxisColors $colors): string
    {
        $values = $colors->axis->values;
        $width = self::COLUMNS * self::CELL[0] + 2 * self::MARGIN;
        $height = (int) ceil(count($values) / self::COLUMNS) * self::CELL[1] + 2 * self::MARGIN + 40;
        $cells = '';
        foreach ($values as $at => $value) {
            $x = self::MARGIN + ($at % self::COLUMNS) * self::CELL[0];
            $y = self::MARGIN + 40 + intdiv($at, self::COLUMNS) * self::CELL[1];
            $swatch = $colors->swatch($value->id);
            $cells .=
                "<g transform=\"translate({$x} {$y})\">" .
                ($swatch === null ? '' : $this->drawn($swatch)) .
                self::text(0, self::SIDE + 18, $value->label, 'font-weight="600"') .
                self::text(self::SIDE + 10, 14, $value->code, 'fill="#5b6475"') .
                ($swatch === null
                    ? self::text(self::SIDE + 10, 32, 'no swatch', 'fill="#5b6475"')
                    : implode(
                        '',
                        array_map(
                            fn(Srgb $color, int $line): string => self::text(
                                self::SIDE + 10,
                                32 + 15 * $line,
                                $color->hex(),
                                'font-size="11"',
                            ) .
                                self::text(
                                    self::SIDE + 64,
                                    32 + 15 * $line,
                                    self::inLab($color),
                                    'font-size="11" fill="#5b6475"',
                                ),
                            $swatch->colors,
                            array_keys($swatch->colors),
                        ),
                    )) .
                '</g>';
        }

        return '<?xml version="1.0" encoding="UTF-8"?>' .
            "\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}\" height=\"{$height}\" viewBox=\"0 0 {$width} {$height}\" font-family=\"sans-serif\" font-size=\"13\" fill=\"#1f2633\">" .
            "<rect width=\"{$width}\" height=\"{$height}\" fill=\"#ffffff\"/>" .
            self::text(
                self::MARGIN,
                self::MARGIN + 14,
                "{$title} · {$colors->axis->name}",
                'font-size="18" font-weight="600"',
            ) .
            $cells .
            '</svg>';
    }

    /** @throws Refusal where it cannot be drawn at the moment */
    public function png(string $svg): string
    {
        $process = BoundedProcess::of(
            ['--cpu=' . self::TIMEOUT, '--as=' . self::MEMORY],
            ['rsvg-convert', '--format=png', '--zoom=2'],
            self::TIMEOUT,
        );
        $process->setInput($svg);
        $process->run();
        if (!$process->isSuccessful()) {
            report(new RuntimeException($process->getErrorOutput()));
            throw new Refusal(
                'The sheet could not be drawn as PNG at the moment. Take the SVG, or try again in a while.',
                RefusalKind::Impossible,
            );
        }

        return $process->getOutput();
    }

    private function drawn(Swatch $swatch): string
    {
        $scale = self::SIDE / SwatchDrawing::SIDE;

        return "<g transform=\"scale({$scale})\">" .
            SwatchDrawing::inner($swatch, $this->picture($swatch)) .
            '</g>' .
            '<rect x=".5" y=".5" width="' .
            (self::SIDE - 1) .
            '" height="' .
            (self::SIDE - 1) .
            '" fill="none" stroke="#8a92a3"' .
            ($swatch->needsOutline(new Srgb(255, 255, 255)) ? '' : ' stroke-opacity=".35"') .
            '/>';
    }

    /** The piece of the picture itself, so that the sheet can be sent away. */
    private function picture(Swatch $swatch): ?string
    {
        $piece = $swatch->piece;
        if ($piece === null) {
            return null;
        }
        $bytes = $this->cuts->bytes(
            Photo::query()->findOrFail($piece->photoId),
            Shape::Chip,
            Crop::fromKey($piece->frame),
            PictureFormat::Jpeg,
        );

        return 'data:image/jpeg;base64,' . base64_encode($bytes ?? '');
    }

    private static function inLab(Srgb $color): string
    {
        $lab = Lab::of($color);

        return sprintf('%.1f, %.1f, %.1f', $lab->lightness, $lab->a, $lab->b);
    }

    private static function text(int $x, int $y, string $text, string $style): string
    {
        return "<text x=\"{$x}\" y=\"{$y}\" {$style}>" .
            htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE) .
            '</text>';
    }
}
