<?php

declare(strict_types=1);

use App\Batches\BulkOperation;
use App\History\Change;
use App\Models\User;
use Tests\Architecture\Arrows;
use Tests\Architecture\Methods;
use Tests\Architecture\ModuleGraph;
use Tests\Architecture\Purity;
use Tests\Architecture\Source;

/** @param  callable(Source): list<string>  $rule */
function breachesBelow(string $folder, callable $rule): array
{
    return array_merge(...array_map($rule, Source::below(dirname(__DIR__, 2) . '/' . $folder)));
}

it('keeps the core free of frameworks, clocks, chance and files, strict and final', function (): void {
    expect(breachesBelow('core', Purity::ofCore(...)))->toBe([]);
});

it('lets controllers, requests and views write nothing', function (): void {
    expect(breachesBelow('app/Http', Purity::ofScreens(...)))->toBe([]);
});

it('lets no module of the core or of the application use one above it', function (): void {
    expect(breachesBelow('core', Arrows::of(...)))->toBe([])->and(breachesBelow('app', Arrows::of(...)))->toBe([]);
});

it('lets controllers and screens ask the catalog, and not the database', function (): void {
    expect(breachesBelow('app/Http', Arrows::ofReaders(...)))->toBe([]);
});

it('asks tables only where they are kept: no Action, no command, no file and no screen does', function (): void {
    expect(breachesBelow('app', Arrows::ofTables(...)))->toBe([]);
});

it('finds a module that asks tables of others', function (string $namespace, string $body, array $breaches): void {
    $code =
        "<?php\n\nnamespace {$namespace};\n\nuse Illuminate\\Support\\Facades\\DB;\n\nfinal class Planted\n{\n" .
        "    public function run(): mixed\n    {\n        {$body}\n    }\n}\n";
    expect(Arrows::ofTables(new Source('planted.php', $code)))->toBe(
        array_map(fn(string $breach): string => "planted.php {$breach}", $breaches),
    );
})->with([
    'an Action' => ['App\Actions', 'return DB::table("skus")->get();', ['asks tables with table()']],
    'a command, in SQL' => ['App\Console\Commands', 'return DB::select("select 1");', ['asks tables with select()']],
    'a file' => [
        'App\Files',
        'return \Illuminate\Support\Facades\DB::scalar("select 1");',
        ['asks tables with scalar()'],
    ],
    'a screen' => ['App\Http\Screens', 'return DB::table("skus")->count();', ['asks tables with table()']],
    'a model' => ['App\Models', 'DB::statement("truncate skus");', ['asks tables with statement()']],
    'a transaction is none' => ['App\Actions', 'return DB::transaction(fn () => 1);', []],
    'the store keeps them' => ['App\Store', 'return DB::table("skus")->get();', []],
]);

it('has no two classes of one name but the product as the core has it and its row', function (): void {
    $names = array_map(fn(Source $source): string => basename($source->path, '.php'), [
        ...Source::below(dirname(__DIR__, 2) . '/app'),
        ...Source::below(dirname(__DIR__, 2) . '/core'),
    ]);
    expect(array_keys(array_filter(array_count_values($names), fn(int $count): bool => $count > 1)))->toBe(['Product']);
});

it('has nothing but Actions among the Actions: a class that somebody does something with', function (): void {
    foreach (Source::below(dirname(__DIR__, 2) . '/app/Actions') as $source) {
        $class = new ReflectionClass($source->className());
        $acts = array_filter($class->getMethods(ReflectionMethod::IS_PUBLIC), function (
            ReflectionMethod $method,
        ): bool {
            $types = array_map(
                fn(ReflectionParameter $parameter): string => ltrim((string) $parameter->getType(), '?'),
                $method->getParameters(),
            );

            return !$method->isConstructor() && array_intersect($types, [Change::class, User::class]) !== [];
        });
        $isBulk = $class->implementsInterface(BulkOperation::class);
        expect($isBulk || $acts !== [])->toBeTrue("{$class->getShortName()} is no Action");
    }
});

it('shows in its folders what is inside: none holds more than 26 files', function (): void {
    $counts = [];
    foreach (['app', 'core', 'tests', 'bench'] as $top) {
        foreach (Source::below(dirname(__DIR__, 2) . '/' . $top) as $source) {
            $folder = dirname($source->path);
            $counts[$folder] = ($counts[$folder] ?? 0) + 1;
        }
    }
    expect(array_filter($counts, fn(int $count): bool => $count > 26))->toBe([]);
});

it('asks for nothing in a template but what it was given', function (): void {
    $views = array_merge(
        glob(dirname(__DIR__, 2) . '/resources/views/*/*.blade.php') ?: [],
        glob(dirname(__DIR__, 2) . '/resources/views/*/*/*.blade.php') ?: [],
    );
    expect($views)->not->toBe([]);
    foreach ($views as $view) {
        expect((string) file_get_contents($view))->not->toMatch(
            '/::(query|with|find|where|all)\\(|->(get|paginate|firstOrFail)\\(|DB::/',
            $view,
        );
    }
});

it('leaves nothing behind that was for looking only', function (): void {
    $calls = fn(Source $source): array => array_map(
        fn(string $function): string => "{$source->path}: {$function}",
        array_values(array_intersect($source->functions(), ['dd', 'dump', 'var_dump', 'ray', 'print_r', 'error_log'])),
    );
    foreach (['core', 'app', 'database', 'tests'] as $folder) {
        expect(breachesBelow($folder, $calls))->toBe([]);
    }
});

it(
    'finds each breach that is planted (it passed with a clock, shuffle(), file access, a class that is not final)',
    function (string $body, string $breach, string $head = 'final class Planted'): void {
        $code = "<?php\n\ndeclare(strict_types=1);\n\nnamespace Core\\Planted;\n\nuse Core\\Matrix\\Matrix;\nuse DateTimeImmutable as Moment;\n\n{$head}\n{\n    public function run(array \$list, Matrix \$matrix): mixed\n    {\n        {$body}\n    }\n}\n";
        $without = str_replace("use DateTimeImmutable as Moment;\n", '', $code);
        expect(Purity::ofCore(new Source('planted.php', str_contains($body, 'Moment') ? $code : $without)))->toBe([
            "planted.php {$breach}",
        ]);
    },
)->with([
    'a clock' => ['return time();', 'calls time'],
    'a finer clock' => ['return \microtime(true);', 'calls microtime'],
    'a date' => ['return new Moment();', 'uses the class DateTimeImmutable'],
    'a date without an import' => ['return new \DateTime();', 'uses the class DateTime'],
    'chance' => ['shuffle($list); return $list;', 'calls shuffle'],
    'chance, handed on' => ['return array_map(mt_rand(...), $list);', 'calls mt_rand'],
    'a random class' => ['return new \Random\Randomizer();', 'uses the class Random\Randomizer'],
    'reading a file' => ['return file_get_contents("/etc/hostname");', 'calls file_get_contents'],
    'a file object' => ['return new \SplFileObject("x");', 'uses the class SplFileObject'],
    'the environment' => ['return getenv("HOME");', 'calls getenv'],
    'output' => ['echo "x"; return 1;', 'calls echo'],
    'another file' => ['return require "x.php";', 'calls require'],
    'the framework’s helper' => ['return config("app.name");', 'calls config'],
    'the framework’s facade' => [
        'return \Illuminate\Support\Facades\DB::table("x");',
        'uses the class Illuminate\Support\Facades\DB',
    ],
    'the application' => ['return \App\Models\Product::class;', 'uses the class App\Models\Product'],
    'a command' => ['return shell_exec("ls");', 'calls shell_exec'],
    'a class that is not final' => ['return $matrix;', 'Planted is not final', 'class Planted'],
    'a value that is not final' => ['return $matrix;', 'Planted is not final', 'readonly class Planted'],
]);

it('finds a controller that writes', function (string $body, string $breach): void {
    $code = "<?php\n\ndeclare(strict_types=1);\n\nnamespace App\\Http\\Controllers;\n\nuse App\\Models\\Product;\n\nfinal class Planted\n{\n    public function run(Product \$product): void\n    {\n        {$body}\n    }\n}\n";
    expect(Purity::ofScreens(new Source('planted.php', $code)))->toBe(["planted.php {$breach}"]);
})->with([
    ['$product->save();', 'writes with save()'],
    ['Product::query()->where("id", 1)->update(["name" => "x"]);', 'writes with update()'],
    ['$product?->delete();', 'writes with delete()'],
    ['\Illuminate\Support\Facades\DB::table("skus")->insert([]);', 'writes with insert()'],
    ['(new \App\Ledger\Ledger())->changes();', 'uses the ledger'],
]);

it('finds an arrow that goes up, and a module that is not known', function (
    string $namespace,
    string $used,
    array $breaches,
): void {
    $code = "<?php\n\ndeclare(strict_types=1);\n\nnamespace {$namespace};\n\nuse {$used};\n\nfinal class Planted\n{\n}\n";
    expect(Arrows::of(new Source('planted.php', $code)))->toBe(
        array_map(fn(string $breach): string => "planted.php {$breach}", $breaches),
    );
})->with([
    'the matrix asks a reach' => ['Core\Matrix', 'Core\Reach\Reach', ['goes up to Core\Reach\Reach']],
    'text asks sizes' => ['Core\Text', 'Core\Sizes\SizeReader', ['goes up to Core\Sizes\SizeReader']],
    'the core asks the application' => ['Core\Gallery', 'App\Models\Product', ['goes up to App\Models\Product']],
    'a model asks the store' => ['App\Models', 'App\Store\Library\Usage', ['goes up to App\Store\Library\Usage']],
    'the store asks an Action' => ['App\Store', 'App\Actions\Skus\SetStock', ['goes up to App\Actions\Skus\SetStock']],
    'the store asks the unit of work' => [
        'App\Store',
        'App\Changing\UnitOfWork',
        ['goes up to App\Changing\UnitOfWork'],
    ],
    'an Action asks a screen' => ['App\Actions', 'App\Http\Lens', ['goes up to App\Http\Lens']],
    'a file asks a screen' => [
        'App\Files',
        'App\Http\Screens\Pictures\PictureLinks',
        ['goes up to App\Http\Screens\Pictures\PictureLinks'],
    ],
    'the command line asks the screens' => [
        'App\Console',
        'App\Http\Requests\ProductRequest',
        ['goes up to App\Http\Requests\ProductRequest'],
    ],
    'a refusal asks a model' => ['App\Refusals', 'App\Models\Product', ['goes up to App\Models\Product']],
    'a new module' => ['App\Helpers', 'Core\Text\Name', ['is in a module that is not known: Helpers']],
    'down is free' => ['App\Actions\Deeper', 'App\Refusals\StaleVersion', []],
    'the core is free to all' => ['App\Models', 'Core\Gallery\View', []],
]);

it('finds an arrow in a name that is written out, or called without an import', function (): void {
    $code = fn(
        string $body,
    ): string => "<?php\n\nnamespace Core\\Matrix;\n\nfinal class Planted\n{\n    public function run(): mixed\n    {\n        {$body}\n    }\n}\n";
    expect(Arrows::of(new Source('planted.php', $code('return \\Core\\Reach\\Reach::nothing();'))))
        ->toBe(['planted.php goes up to Core\Reach\Reach'])
        ->and(Arrows::of(new Source('planted.php', $code('return \\App\\Models\\Product::query();'))))
        ->toBe(['planted.php goes up to App\Models\Product']);
});

it('finds a screen that asks the database', function (string $body, string $breach): void {
    $code = "<?php\n\nnamespace App\\Http\\Screens;\n\nuse App\\Models\\Product;\nuse Illuminate\\Support\\Facades\\DB;\n\nfinal class Planted\n{\n    public function run(Product \$product): mixed\n    {\n        {$body}\n    }\n}\n";
    expect(Arrows::ofReaders(new Source('planted.php', $code)))->toBe(["planted.php {$breach}"]);
})->with([
    ['return Product::query();', 'asks App\Models\Product::query()'],
    ['return \App\Models\LibraryAxis::with("values");', 'asks App\Models\LibraryAxis::with()'],
    ['return DB::table("skus");', 'asks Illuminate\Support\Facades\DB::table()'],
    ['return $product->refresh();', 'reads with refresh()'],
]);

it('lets pass what is pure', function (): void {
    $code =
        "<?php\n\ndeclare(strict_types=1);\n\nnamespace Core\\Planted;\n\nuse Brick\\Math\\BigDecimal;\n\nfinal readonly class Planted\n{\n    public function date(array \$list): array\n    {\n        \$this->time(\$list);\n        return array_map(fn (string \$one): string => mb_strtolower((string) BigDecimal::of(\$one)), \$list);\n    }\n\n    private function time(array \$rand): void\n    {\n    }\n}\n";
    expect(Purity::ofCore(new Source('planted.php', $code)))->toBe([]);
});

it('has the modules drawn as they are (bin/modules draws them)', function (): void {
    expect(file_get_contents(dirname(__DIR__, 2) . '/docs/modules.svg'))->toBe(ModuleGraph::svg());
});

it('says of every public method what it throws', function (): void {
    $planted =
        "<?php\nfinal class Planted\n{\n    public function run(): void\n    {\n        throw new X();\n    }\n}\n";
    expect(Methods::silent(new Source('planted.php', $planted)))
        ->toBe(['planted.php run() throws, and does not say what'])
        ->and(breachesBelow('core', Methods::silent(...)))
        ->toBe([])
        ->and(breachesBelow('app', Methods::silent(...)))
        ->toBe([]);
});

it('has no method of six parameters or more', function (): void {
    $planted = '<?php final class Planted { public function run($a, $b, $c, $d, $e, $f): void {} }';
    expect(Methods::crowded(new Source('planted.php', $planted)))
        ->toBe(['planted.php run() takes 6'])
        ->and(breachesBelow('core', Methods::crowded(...)))
        ->toBe([])
        ->and(breachesBelow('app', Methods::crowded(...)))
        ->toBe([]);
});

it('says of every setting that is read what it is for', function (): void {
    $root = dirname(__DIR__, 2);
    $read = [];
    foreach (glob("{$root}/config/*.php") ?: [] as $file) {
        preg_match_all("/env\\('([A-Z0-9_]+)'/", (string) file_get_contents($file), $found);
        $read = [...$read, ...$found[1]];
    }
    preg_match_all('/^([A-Z0-9_]+)=/m', (string) file_get_contents("{$root}/.env.example"), $said);
    $read = array_values(array_unique($read));
    sort($read);
    sort($said[1]);
    expect($said[1])->toBe($read);
});

it('has the folders that classes are looked for in', function (): void {
    $composer = json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/composer.json'), true);
    foreach ([...$composer['autoload']['psr-4'], ...$composer['autoload-dev']['psr-4']] as $folder) {
        expect(dirname(__DIR__, 2) . '/' . $folder)->toBeDirectory();
    }
});

it('names in its docs only files and folders that are there', function (): void {
    $root = dirname(__DIR__, 2);
    $pages = [
        "{$root}/README.md",
        "{$root}/CONTRIBUTING.md",
        ...glob("{$root}/docs/*.md") ?: [],
        ...glob("{$root}/docs/decisions/*.md") ?: [],
    ];
    $missing = [];
    foreach ($pages as $page) {
        preg_match_all(
            '~`((?:app|bin|bench|core|database|deploy|docs|resources|routes|tests)/[A-Za-z0-9_./-]+)`~',
            (string) file_get_contents($page),
            $named,
        );
        foreach ($named[1] as $path) {
            if (!file_exists("{$root}/{$path}")) {
                $missing[] = basename($page) . ": {$path}";
            }
        }
    }
    expect($missing)->toBe([]);
});
