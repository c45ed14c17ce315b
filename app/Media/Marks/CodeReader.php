<?php

declare(strict_types=1);

namespace App\Media\Marks;

use App\Media\BoundedProcess;
use Illuminate\Support\Facades\Log;
use Symfony\Component\Process\Exception\ProcessTimedOutException;

/**
 * Finds QR codes and barcodes in a small gray copy of a picture, with the program zbarimg, in a process of its own. A
 * picture whose codes cannot be looked for is taken all the same.
 */
final class CodeReader
{
    /** Longer side of the copy, in pixels: a card that fills two fifths of a picture is read from it. */
    public const SIDE = 640;

    private const LIMITS = ['--cpu=5', '--as=536870912'];

    /** Seconds. */
    private const TIMEOUT = 10;

    /** What zbarimg ends with where there is no code. */
    private const NONE = 4;

    private const MOST_CODES = 12;

    private const LONGEST = 120;

    private const KINDS = ['qrcode', 'ean13', 'ean8', 'upca', 'code128'];

    /** @return list<string> what the codes hold, each once */
    public static function read(string $path): array
    {
        $kinds = array_map(fn(string $kind): string => "-S{$kind}.enable", self::KINDS);
        $process = BoundedProcess::of(
            self::LIMITS,
            ['zbarimg', '--quiet', '--nodbus', '--raw', '-Sdisable', ...$kinds, "pgm:{$path}"],
            self::TIMEOUT,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException $late) {
            Log::warning('A picture was not looked through for codes', ['cause' => $late->getMessage()]);

            return [];
        }
        if (!in_array($process->getExitCode(), [0, self::NONE], true)) {
            Log::warning('A picture was not looked through for codes', ['cause' => $process->getErrorOutput()]);

            return [];
        }
        $codes = array_filter(
            array_map(trim(...), explode("\n", mb_scrub($process->getOutput(), 'UTF-8'))),
            fn(string $code): bool => $code !== '' && mb_strlen($code) <= self::LONGEST,
        );

        return array_slice(array_values(array_unique($codes)), 0, self::MOST_CODES);
    }
}
