<?php

declare(strict_types=1);

use Core\Gallery\Sequence\LongestRun;
use Tests\Core\Color\Samples;

require_once dirname(__DIR__) . '/tools.php';

// Source: diffArrays of the npm package diff (E. W. Myers' algorithm), side by side on random rows: the longest rising
// run of a row is what it has in common with the sorted row.
it('needs no more moves than an independent implementation does', function (): void {
    $random = Samples::random(7);
    $rows = array_map(fn(): array => $random->shuffleArray(range(0, $random->getInt(0, 40))), range(1, 400));
    $lengths = array_map(fn(array $ranks): int => count(LongestRun::places($ranks)), $rows);
    expect($lengths)
        ->toBe(outside(['node', 'tests/Reference/tools/runs.mjs'], $rows))
        ->and(max($lengths))
        ->toBeGreaterThan(8);
});
