<?php

declare(strict_types=1);

namespace Tests\Matching;

use Core\Matching\DropReader;
use Core\Matching\Verdict;
use Tests\Core\RandomShop;
use Tests\Core\Samples;

/** What becomes of names that are drawn at random: how many are read fully, surely, wrongly, and how many traps are seen. */
final class Tally
{
    private const CLEAR = 250;

    private const RUNS = 12;

    private const TRAPS = 60;

    /** @var array<string, array{int, int, int}> habit => drawn, sure and right, sure and wrong */
    private array $habits = [];

    /** @var array<string, array{int, int, int}> trap => drawn, seen, sure all the same */
    private array $traps = [];

    /** One shop with words, habits and senders of its own. */
    public function addShop(int $seed): void
    {
        $random = Samples::random($seed);
        $shop = new RandomShop($random);
        $names = $asked = [];
        for ($at = 0; $at < self::CLEAR; $at++) {
            $habit = $random->getInt(0, count(RandomShop::HABITS) - 1);
            [$names["clear {$at}"], $productId, $colorId, $view] = $shop->clear($habit);
            $asked["clear {$at}"] = [RandomShop::HABITS[$habit], fn (Verdict $verdict): bool => $verdict->productId === $productId
                && array_column($verdict->reach?->toArrays() ?? [], 1) === [[$colorId]] && $verdict->view === $view];
        }
        for ($at = 0; $at < self::RUNS; $at++) {
            foreach ($shop->run() as $number => [$name, $productId, $colorId, $place]) {
                $names["run {$at} {$number}"] = $name;
                $asked["run {$at} {$number}"] = [RandomShop::RUN, fn (Verdict $verdict): bool => $verdict->productId === $productId
                    && $verdict->reach?->toArrays() === [[1 => [$colorId]]] && $verdict->place === $place];
            }
        }
        $says = [];
        for ($at = 0; $at < self::TRAPS; $at++) {
            [$names["trap {$at}"], $says["trap {$at}"]] = $shop->trap($at);
        }
        $verdicts = (new DropReader($shop->words))->read($names);
        foreach ($asked as $key => [$habit, $isRight]) {
            $sure = $verdicts[$key]->isSure();
            self::count($this->habits, $habit, $sure && $isRight($verdicts[$key]), $sure && ! $isRight($verdicts[$key]));
        }
        foreach ($says as $key => $word) {
            $trap = RandomShop::TRAPS[(int) substr($key, 5) % count(RandomShop::TRAPS)];
            $isSeen = ! $verdicts[$key]->isSure() && str_contains(implode(' ', $verdicts[$key]->doubtWords()), $word);
            self::count($this->traps, $trap, $isSeen, $verdicts[$key]->isSure());
        }
    }

    /** As Markdown. */
    public function inWords(int $shops): string
    {
        $drawn = array_sum(array_column($this->habits, 0)) + array_sum(array_column($this->traps, 0));

        return "# Reading names\n\n"
            .'Written by `bin/matching`: '.number_format($drawn)." names of {$shops} shops whose words, codes, sizes, senders "
            .'and habits are drawn at random, with additions in four languages (`tests/Core/RandomShop.php`). Every name is '
            ."ours; no shop has it.\n\n## Clear names\n\n"
            .self::table(['Habit', 'Names', 'Sure and right', 'Sure and wrong'], $this->habits)
            ."\n## Traps\n\n"
            .self::table(['Trap', 'Names', 'Seen, and said why', 'Sure all the same'], $this->traps);
    }

    /** @param  array<string, array{int, int, int}>  $counts */
    private static function count(array &$counts, string $of, bool $isGood, bool $isBad): void
    {
        [$all, $good, $bad] = $counts[$of] ?? [0, 0, 0];
        $counts[$of] = [$all + 1, $good + (int) $isGood, $bad + (int) $isBad];
    }

    /**
     * @param  list<string>  $heads
     * @param  array<string, array{int, int, int}>  $counts
     */
    private static function table(array $heads, array $counts): string
    {
        ksort($counts);
        $lines = ['| '.implode(' | ', $heads).' |', '| --- | ---: | ---: | ---: |'];
        $sum = [0, 0, 0];
        foreach ($counts + ['**All**' => null] as $of => $count) {
            [$all, $good, $bad] = $count ?? $sum;
            $lines[] = "| {$of} | ".number_format($all).' | '.self::share($good, $all).' | '.self::share($bad, $all).' |';
            $sum = [$sum[0] + $all, $sum[1] + $good, $sum[2] + $bad];
        }

        return implode("\n", $lines)."\n";
    }

    private static function share(int $part, int $all): string
    {
        return $part === 0 ? '0' : number_format($part).' ('.number_format(100 * $part / max(1, $all), 1).' %)';
    }
}
