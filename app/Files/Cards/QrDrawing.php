<?php

declare(strict_types=1);

namespace App\Files\Cards;

use App\Media\BoundedProcess;
use RuntimeException;

/** A QR code as the path of an SVG, drawn by the program qrencode; a module is one unit. */
final readonly class QrDrawing
{
    /** Light modules on each side of it. ISO/IEC 18004, 5.3.8. */
    public const QUIET = 4;

    /** Seconds. */
    private const TIMEOUT = 10;

    /** @param  int  $side  modules along a side, without the quiet zone */
    private function __construct(public int $side, public string $path) {}

    /** @throws RuntimeException where the program is not there, or has nothing to say */
    public static function of(string $text): self
    {
        $process = BoundedProcess::of(
            ['--cpu=5'],
            ['qrencode', '--level=Q', '--margin=0', '--type=ASCII', '--output=-', '--', $text],
            self::TIMEOUT,
        );
        $process->run();
        $lines = explode("\n", rtrim($process->getOutput(), "\n"));
        if (!$process->isSuccessful() || count($lines) < 21) {
            throw new RuntimeException("qrencode drew nothing: {$process->getErrorOutput()}");
        }
        $path = '';
        foreach ($lines as $y => $line) {
            // Two signs of the text are one module.
            preg_match_all('/(?:##)+/', $line, $runs, PREG_OFFSET_CAPTURE);
            foreach ($runs[0] as [$run, $at]) {
                $path .=
                    'M' . intdiv($at, 2) . " {$y}h" . intdiv(strlen($run), 2) . 'v1h-' . intdiv(strlen($run), 2) . 'z';
            }
        }

        return new self(count($lines), $path);
    }
}
