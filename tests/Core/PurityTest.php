<?php

declare(strict_types=1);

use Tests\Architecture\Purity;
use Tests\Architecture\Source;

/** @param  callable(Source): list<string>  $rule */
function breachesBelow(string $folder, callable $rule): array
{
    return array_merge(...array_map($rule, Source::below(dirname(__DIR__, 2).'/'.$folder)));
}

it('keeps the core free of frameworks, clocks, chance and files, strict and final', function (): void {
    expect(breachesBelow('core', Purity::ofCore(...)))->toBe([]);
});

it('lets controllers, requests and views write nothing', function (): void {
    expect(breachesBelow('app/Http', Purity::ofScreens(...)))->toBe([]);
});

it('leaves nothing behind that was for looking only', function (): void {
    $calls = fn (Source $source): array => array_map(fn (string $function): string => "{$source->path}: {$function}", array_values(array_intersect($source->functions(), ['dd', 'dump', 'var_dump', 'ray', 'print_r', 'error_log'])));
    foreach (['core', 'app', 'database', 'tests'] as $folder) {
        expect(breachesBelow($folder, $calls))->toBe([]);
    }
});

it('finds each breach that is planted (it passed with a clock, shuffle(), file access, a class that is not final)', function (string $body, string $breach, string $head = 'final class Planted'): void {
    $code = "<?php\n\ndeclare(strict_types=1);\n\nnamespace Core\\Planted;\n\nuse Core\\Matrix\\Matrix;\nuse DateTimeImmutable as Moment;\n\n{$head}\n{\n    public function run(array \$list, Matrix \$matrix): mixed\n    {\n        {$body}\n    }\n}\n";
    $without = str_replace("use DateTimeImmutable as Moment;\n", '', $code);
    expect(Purity::ofCore(new Source('planted.php', str_contains($body, 'Moment') ? $code : $without)))->toBe(["planted.php {$breach}"]);
})->with([
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
    'the framework’s facade' => ['return \Illuminate\Support\Facades\DB::table("x");', 'uses the class Illuminate\Support\Facades\DB'],
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

it('lets pass what is pure', function (): void {
    $code = "<?php\n\ndeclare(strict_types=1);\n\nnamespace Core\\Planted;\n\nuse Brick\\Math\\BigDecimal;\n\nfinal readonly class Planted\n{\n    public function date(array \$list): array\n    {\n        \$this->time(\$list);\n        return array_map(fn (string \$one): string => mb_strtolower((string) BigDecimal::of(\$one)), \$list);\n    }\n\n    private function time(array \$rand): void\n    {\n    }\n}\n";
    expect(Purity::ofCore(new Source('planted.php', $code)))->toBe([]);
});
