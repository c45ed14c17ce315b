<?php

declare(strict_types=1);

namespace App\Http;

use App\Files\SwatchSheet;
use Core\Checks\AxisColors;
use Illuminate\Http\Response;

/** The swatches of an axis as a file to be kept. */
final readonly class SwatchSheetAnswer
{
    public function __construct(private SwatchSheet $sheet) {}

    public function svg(string $title, AxisColors $colors): Response
    {
        return $this->file($this->sheet->svg($title, $colors), 'image/svg+xml', 'swatches.svg');
    }

    public function png(string $title, AxisColors $colors): Response
    {
        return $this->file($this->sheet->png($this->sheet->svg($title, $colors)), 'image/png', 'swatches.png');
    }

    private function file(string $content, string $type, string $name): Response
    {
        return response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }
}
