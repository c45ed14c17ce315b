<?php

declare(strict_types=1);

namespace Tests\Architecture;

use ReflectionFunction;

/** What the core and the screens may not do. */
final class Purity
{
    /** Of PHP's own classes, those that know no clock, chance, file or network. */
    /** Refusals that carry more extend it. */
    private const OPEN = ['Refusal'];

    private const CLASSES = [
        'Closure',
        'DomainException',
        'JsonException',
        'Locale',
        'Normalizer',
        'NumberFormatter',
        'ResourceBundle',
        'SplMinHeap',
        'Transliterator',
        'stdClass',
    ];

    private const EXTENSIONS = ['Core', 'ctype', 'intl', 'json', 'mbstring', 'pcre', 'SPL', 'standard', 'bcmath'];

    /**
     * Of the extension "standard" what reads or writes outside, waits, is by chance, or knows the time or the machine.
     */
    private const IMPURE = '/^(f(open|close|read|write|puts|gets|getc|eof|seek|scanf|putcsv|getcsv|stat|truncate|flock|passthru|ile.*|nmatch|sockopen)|readfile|parse_ini_file|touch|unlink|rename|copy|mkdir|rmdir|tempnam|tmpfile|glob|scandir|opendir|readdir|dir|chdir|getcwd|is_(file|dir|link|readable|writable|executable)|stat|lstat|realpath|disk_.*|stream_.*|socket_.*|exec|shell_exec|system|passthru|proc_.*|popen|mail|header.*|setcookie|getenv|putenv|getopt|ini_.*|set_.*|php.*|sys_.*|get_cfg_var|usleep|sleep|time_.*|uniqid|microtime|hrtime|gettimeofday|rand|srand|mt_.*|shuffle|array_rand|str_shuffle|lcg_value|random_.*|gethost.*|dns_.*|var_dump|var_export|debug_.*|print_r|printf|vprintf|error_log|register_.*|constant|extract)$/';

    /** What changes rows, called on a model, a query or a relation. */
    private const WRITES = [
        'save',
        'saveOrFail',
        'saveQuietly',
        'create',
        'createMany',
        'forceCreate',
        'update',
        'updateOrFail',
        'updateOrCreate',
        'updateOrInsert',
        'firstOrCreate',
        'delete',
        'deleteOrFail',
        'forceDelete',
        'destroy',
        'insert',
        'insertGetId',
        'insertOrIgnore',
        'upsert',
        'increment',
        'decrement',
        'truncate',
        'attach',
        'detach',
        'sync',
        'statement',
        'unprepared',
    ];

    /** @return list<string> breaches, each with its file */
    public static function ofCore(Source $source): array
    {
        $breaches = [];
        foreach ($source->classes() as $class) {
            $isOwn = str_starts_with($class, 'Core\\') || str_starts_with($class, 'Brick\\Math\\');
            if (!$isOwn && !in_array($class, self::CLASSES, true)) {
                $breaches[] = "uses the class {$class}";
            }
        }
        foreach ($source->functions() as $function) {
            $extension = function_exists($function) ? (new ReflectionFunction($function))->getExtensionName() : false;
            if (
                $extension === false ||
                !in_array($extension, self::EXTENSIONS, true) ||
                preg_match(self::IMPURE, $function) === 1
            ) {
                $breaches[] = "calls {$function}";
            }
        }
        foreach (array_diff($source->openClasses(), self::OPEN) as $class) {
            $breaches[] = "{$class} is not final";
        }
        if (!$source->isStrict()) {
            $breaches[] = 'has no strict types';
        }

        return array_map(fn(string $breach): string => "{$source->path} {$breach}", $breaches);
    }

    /** @return list<string> breaches of code that may read and draw, but not write */
    public static function ofScreens(Source $source): array
    {
        $breaches = array_map(
            fn(string $method): string => "writes with {$method}()",
            array_values(array_intersect($source->methods(), self::WRITES)),
        );
        if (in_array('App\Ledger\Ledger', $source->classes(), true)) {
            $breaches[] = 'uses the ledger';
        }

        return array_map(fn(string $breach): string => "{$source->path} {$breach}", $breaches);
    }
}
