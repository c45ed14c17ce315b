<?php

declare(strict_types=1);

use Core\Text\NearWords;

it('keeps many words in little room, and finds each by a slip of it', function (): void {
    $word = fn(int $at): string => 'garden ' . strtr(sprintf('%04d', $at), '0123456789', 'bdfghklmnp') . ' apron';
    $before = memory_get_usage();
    $words = new NearWords();
    for ($at = 0; $at < 5_000; $at++) {
        $words->add($word($at));
        $words->add($word($at));
    }
    // A set of words for each way to leave out a letter took 36 MB.
    expect(memory_get_usage() - $before)->toBeLessThan(14_000_000);
    foreach ([0, 17, 2_500, 4_999] as $at) {
        expect($words->near(str_replace('garden', 'gardn', $word($at))))->toBe($word($at));
    }
    expect($words->near('garden bbbb aprons and more'))->toBeNull();
});
