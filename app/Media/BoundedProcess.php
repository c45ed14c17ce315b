<?php

declare(strict_types=1);

namespace App\Media;

use Symfony\Component\Process\Process;

/**
 * A program that reads a file somebody sent: held to limits, and with an environment of its own. It sees neither the
 * application's key nor the password of the database.
 */
final class BoundedProcess
{
    /** What a program needs to be found and to speak plainly. */
    private const ENVIRONMENT = [
        'PATH' => '/usr/local/sbin:/usr/local/bin:/usr/sbin:/usr/bin:/sbin:/bin',
        'LC_ALL' => 'C.UTF-8',
    ];

    /**
     * @param  non-empty-list<string>  $limits  as prlimit reads them, such as --cpu=20
     * @param  non-empty-list<string>  $command
     * @param  int  $seconds  on the clock
     * @param  array<string, string>  $environment  what it needs besides
     */
    public static function of(
        array $limits,
        array $command,
        int $seconds,
        ?string $folder = null,
        array $environment = [],
    ): Process {
        return new Process(
            ['prlimit', ...$limits, '--core=0', ...$command],
            $folder,
            $environment + self::ENVIRONMENT + array_fill_keys(self::inherited(), false),
            timeout: $seconds,
        );
    }

    /** @return list<string> names of what this process would hand on */
    private static function inherited(): array
    {
        return array_map(strval(...), array_keys(getenv() + $_ENV + array_filter($_SERVER, is_string(...))));
    }
}
