<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;
use Tests\Architecture\ViewPurity;

/*
 * The interface speaks by lang/en alone: what a view says is there under a key, and nothing is there that nobody says.
 */

/** @return array<string, string> name below resources/views => contents */
function everyView(): array
{
    $views = [];
    foreach (Finder::create()->files()->in(resource_path('views'))->name('*.blade.php') as $file) {
        $views[$file->getRelativePathname()] = $file->getContents();
    }

    return $views;
}

/** @return list<string> "board.close", also of keys that hold more */
function everyKey(): array
{
    $keys = [];
    foreach (glob(lang_path('en/*.php')) as $file) {
        $group = basename($file, '.php');
        if ($group === 'scripts') {
            continue;
        }
        foreach (require $file as $key => $words) {
            $keys[] = "{$group}.{$key}";
        }
    }

    return $keys;
}

/** All code of the interface in one text. */
function interfaceCode(): string
{
    $code = '';
    foreach (
        Finder::create()
            ->files()
            ->in([app_path(), resource_path('views')])
            ->name('*.php')
        as $file
    ) {
        $code .= $file->getContents();
    }

    return $code;
}

/** @return list<string> patterns of the keys that stand in quotation marks, some of them put together */
function askedPatterns(): array
{
    preg_match_all('/[\'"]([a-z]+\.[^\'"\s]+)[\'"]/', interfaceCode(), $found);

    return array_map(
        fn(string $key): string => '/^' .
            preg_replace(['/\\\\\{.*?\\\\\}/', '/_$/'], ['.+', '_.+'], preg_quote(str_replace('$', '', $key), '/')) .
            '$/',
        array_values(array_unique($found[1])),
    );
}

it('has views that say what they are given, and decide nothing', function () {
    $breaches = [];
    foreach (everyView() as $name => $view) {
        array_push($breaches, ...ViewPurity::breaches($name, $view));
    }

    expect($breaches)->toBe([]);
});

it('finds what a view must not do', function (string $planted) {
    expect(ViewPurity::breaches('planted', $planted))->toHaveCount(1);
})->with([
    '{{ App\Media\PhotoSize::Thumb }}',
    '@if ($kind === Core\Matrix\AxisKind::Color)',
    '@php($at = 1)',
    '{{ number_format($count) }}',
    '{{ implode(", ", $names) }}',
    '@foreach (array_slice($all, 0, 20) as $one)',
    '{{ $count === 1 ? "picture" : "pictures" }}',
    '<rect x="{{ $x + 4 }}" />',
    '<x-swatch-chip :swatch="Core\Color\Swatch::of($color)" />',
]);

it('says nothing that is not translated', function () {
    $said = array_filter(array_map(ViewPurity::untranslated(...), everyView()));

    expect($said)
        ->toBe([])
        ->and(ViewPurity::untranslated('<p title="{{ $a }}">Keep <b>{{ $b }}</b></p>'))
        ->toBe(['Keep']);
});

it('has words for every key that is asked for', function () {
    preg_match_all(
        '/(?:__|trans_choice|say|sayChoice|html|htmlChoice)\(\s*\'([a-z]+\.[^\']+[^_\'])\'/',
        interfaceCode(),
        $asked,
    );

    expect(count($asked[1]))
        ->toBeGreaterThan(1_000)
        ->and(array_values(array_diff(array_unique($asked[1]), everyKey())))
        ->toBe([]);
});

it('has no words that nobody asks for', function () {
    $patterns = askedPatterns();
    $isAsked = fn(string $key): bool => array_filter(
        $patterns,
        fn(string $pattern): bool => preg_match($pattern, $key) === 1,
    ) !== [];

    expect(array_values(array_filter(everyKey(), fn(string $key): bool => !$isAsked($key))))->toBe([]);
});

it('has words for all that scripts say, and no others', function () {
    $asked = [];
    foreach (Finder::create()->files()->in(resource_path('js'))->name('*.js') as $file) {
        // The key, or two of them between which a condition decides.
        preg_match_all("/phrase\((?:'([a-z_]+)'|[^'{]*'([a-z_]+)' : '([a-z_]+)')/", $file->getContents(), $keys);
        array_push($asked, ...array_filter([...$keys[1], ...$keys[2], ...$keys[3]]));
    }
    $asked = array_values(array_unique($asked));
    $said = array_keys(require lang_path('en/scripts.php'));
    sort($asked);
    sort($said);

    expect($asked)->toBe($said);
});
