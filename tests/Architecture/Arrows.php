<?php

declare(strict_types=1);

namespace Tests\Architecture;

use Illuminate\Database\Eloquent\Model;

/** Which module may use which. Nothing goes back up, so there are no circles. */
final class Arrows
{
    private const CORE = [
        'Text' => [],
        'Color' => [],
        'Sizes' => ['Text', 'Color'],
        'Codes' => ['Text', 'Color'],
        'Pricing' => ['Text', 'Color'],
        'Matrix' => ['Text', 'Color', 'Sizes', 'Codes', 'Pricing'],
        'Reach' => ['Text', 'Color', 'Sizes', 'Codes', 'Pricing', 'Matrix'],
        'Gallery' => ['Text', 'Color', 'Sizes', 'Codes', 'Pricing', 'Matrix', 'Reach'],
        'Details' => ['Text', 'Color', 'Sizes', 'Codes', 'Pricing', 'Matrix', 'Reach'],
        'Stock' => ['Text', 'Color', 'Sizes', 'Codes', 'Pricing', 'Matrix', 'Reach', 'Details'],
        'Product' => ['Text', 'Color', 'Sizes', 'Codes', 'Pricing', 'Matrix', 'Reach', 'Gallery', 'Details', 'Stock'],
        'Changes' => [
            'Text',
            'Color',
            'Sizes',
            'Codes',
            'Pricing',
            'Matrix',
            'Reach',
            'Gallery',
            'Details',
            'Stock',
            'Product',
        ],
        'Matching' => ['Text', 'Color', 'Sizes', 'Codes', 'Pricing', 'Matrix', 'Reach', 'Gallery'],
        'Checks' => [
            'Text',
            'Color',
            'Sizes',
            'Codes',
            'Pricing',
            'Matrix',
            'Reach',
            'Gallery',
            'Details',
            'Stock',
            'Product',
        ],
        'Sheets' => [
            'Text',
            'Color',
            'Sizes',
            'Codes',
            'Pricing',
            'Matrix',
            'Reach',
            'Gallery',
            'Details',
            'Stock',
            'Product',
            'Changes',
        ],
        'Combining' => [
            'Text',
            'Color',
            'Sizes',
            'Codes',
            'Pricing',
            'Matrix',
            'Reach',
            'Gallery',
            'Details',
            'Stock',
            'Product',
            'Changes',
        ],
    ];

    /** Modules that read and write tables: of products and the library, of counts, or of their own. */
    private const KEEPING_TABLES = [
        'Accounts',
        'Backup',
        'Batches',
        'Changing',
        'History',
        'Intake',
        'Ledger',
        'Media',
        'Store',
        'Summaries',
    ];

    /** Refusals are known to all, and so is the core. */
    private const APP = [
        'Refusals' => [],
        'Ledger' => [],
        'Models' => ['Ledger'],
        'Accounts' => ['Models'],
        'Media' => ['Models'],
        'Backup' => ['Media', 'Models'],
        'Store' => ['Ledger', 'Media', 'Models'],
        'Files' => ['Media', 'Models', 'Store', 'Summaries'],
        'Summaries' => ['Models', 'Store'],
        'History' => ['Ledger', 'Media', 'Models', 'Store'],
        'Changing' => ['History', 'Ledger', 'Models', 'Store'],
        'Batches' => ['Changing', 'History', 'Ledger', 'Models', 'Store'],
        'Intake' => ['Files', 'Media', 'Models', 'Store', 'Summaries'],
        'Actions' => [
            'Accounts',
            'Batches',
            'Changing',
            'Files',
            'History',
            'Intake',
            'Ledger',
            'Media',
            'Models',
            'Store',
            'Summaries',
        ],
        'Http' => [
            'Accounts',
            'Actions',
            'Batches',
            'Changing',
            'Files',
            'History',
            'Intake',
            'Media',
            'Models',
            'Store',
            'Summaries',
        ],
        'View' => ['Files', 'Http', 'Media', 'Models', 'Store', 'Summaries'],
        'Console' => [
            'Accounts',
            'Actions',
            'Backup',
            'Batches',
            'Changing',
            'Files',
            'History',
            'Intake',
            'Media',
            'Models',
            'Store',
            'Summaries',
        ],
        'Providers' => [
            'Accounts',
            'Actions',
            'Batches',
            'Changing',
            'Files',
            'History',
            'Http',
            'Intake',
            'Media',
            'Models',
            'Store',
            'Summaries',
        ],
    ];

    /** What reads rows that were not loaded, called on a model, a relation or a collection of models. */
    private const READS = [
        'newQuery',
        'loadMissing',
        'loadCount',
        'refresh',
        'fresh',
        'paginate',
        'simplePaginate',
        'findOrFail',
        'firstOrFail',
        'sole',
    ];

    /** @return list<string> breaches, each with its file */
    public static function of(Source $source): array
    {
        [$root, $module] = explode('\\', $source->module() ?? '\\');
        $allowed = $root === 'Core' ? self::CORE : self::APP;
        $breaches = isset($allowed[$module]) || $module === '' ? [] : ["is in a module that is not known: {$module}"];
        foreach ($source->classes() as $class) {
            $parts = explode('\\', $class);
            $isOwn =
                $parts[0] === $root && ($parts[1] === $module || in_array($parts[1], $allowed[$module] ?? [], true));
            if (
                isset($parts[2]) &&
                in_array($parts[0], ['Core', 'App'], true) &&
                $module !== '' &&
                !$isOwn &&
                !self::isKnownToAll($root, $parts)
            ) {
                $breaches[] = "goes up to {$class}";
            }
        }

        return self::named($source, $breaches);
    }

    /**
     * @return list<string> what reads the database from a screen or a controller, which ask the catalog for what they
     *   show
     */
    public static function ofReaders(Source $source): array
    {
        $breaches = array_map(
            fn(string $method): string => "reads with {$method}()",
            array_values(array_intersect($source->methods(), self::READS)),
        );
        foreach ($source->staticCalls() as [$class, $method]) {
            if ($class === 'Illuminate\Support\Facades\DB' || is_subclass_of($class, Model::class)) {
                $breaches[] = "asks {$class}::{$method}()";
            }
        }

        return self::named($source, array_values(array_unique($breaches)));
    }

    /**
     * @return list<string> what asks tables from a module that keeps none: it asks the modules that read and write them
     */
    public static function ofTables(Source $source): array
    {
        $module = explode('\\', $source->module() ?? '\\')[1];
        if (in_array($module, self::KEEPING_TABLES, true)) {
            return [];
        }
        $breaches = [];
        foreach ($source->staticCalls() as [$class, $method]) {
            if ($class === 'Illuminate\Support\Facades\DB' && !in_array($method, ['transaction', 'connection'], true)) {
                $breaches[] = "asks tables with {$method}()";
            }
        }

        return self::named($source, array_values(array_unique($breaches)));
    }

    /** @param  list<string>  $parts */
    private static function isKnownToAll(string $root, array $parts): bool
    {
        return $root === 'App' && ($parts[0] === 'Core' || $parts[1] === 'Refusals');
    }

    /**
     * @param  list<string>  $breaches
     * @return list<string>
     */
    private static function named(Source $source, array $breaches): array
    {
        return array_map(fn(string $breach): string => "{$source->path} {$breach}", $breaches);
    }
}
