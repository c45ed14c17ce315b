<?php

declare(strict_types=1);

namespace Tests\Matching;

use Core\Matching\DropReader;
use Core\Matching\Verdict;
use Tests\Core\Color\Samples;
use Tests\Core\Matching\RandomShop;

/**
 * What becomes of names that are drawn at random: how many are read fully, surely, wrongly, and how many traps are
 * seen.
 */
final class Tally
{
    private const CLEAR = 250;

    private const RUNS = 12;

    private const TRAPS = 100;

    private const ALMOST = 50;

    /** @var array<string, array{int, int, int}> habit => drawn, sure and right, sure and wrong */
    private array $habits = [];

    /** @var array<string, array{int, int, int}> trap => drawn, seen, sure all the same */
    private array $traps = [];

    /** @var array<string, array{int, int, int}> form of a color's name => drawn, likely and right, sure or wrong */
    private array $forms = [];

    /** @var array<string, array{int, int}> confidence => readings that have it, right ones of them */
    private array $confidence = [];

    /** One shop with words, habits and senders of its own. */
    public function addShop(int $seed): void
    {
        $random = Samples::random($seed);
        $shop = new RandomShop($random);
        $names = $asked = [];
        for ($at = 0; $at < self::CLEAR; $at++) {
            $habit = $random->getInt(0, count(RandomShop::HABITS) - 1);
            [$names["clear {$at}"], $productId, $said, $view] = $shop->clear($habit);
            $asked["clear {$at}"] = [
                RandomShop::HABITS[$habit],
                fn(Verdict $verdict): bool => $verdict->view === $view &&
                    RandomShop::isRead($verdict, $productId, $said),
            ];
        }
        for ($at = 0; $at < self::RUNS; $at++) {
            foreach ($shop->run() as $number => [$name, $productId, $said, $place]) {
                $names["run {$at} {$number}"] = $name;
                $isRead = fn(Verdict $verdict): bool => $verdict->place === $place &&
                    RandomShop::isRead($verdict, $productId, $said);
                $asked["run {$at} {$number}"] = [RandomShop::RUN, $isRead];
            }
        }
        $forms = [];
        for ($at = 0; $at < self::ALMOST; $at++) {
            $form = $at % count(RandomShop::FORMS);
            $drawn = $shop->almost($form);
            if ($drawn !== null) {
                $names["almost {$at}"] = $drawn[0];
                $forms["almost {$at}"] = [
                    RandomShop::FORMS[$form],
                    fn(Verdict $verdict): bool => RandomShop::isRead($verdict, $drawn[1], $drawn[2]),
                ];
            }
        }
        $says = [];
        for ($at = 0; $at < self::TRAPS; $at++) {
            [$names["trap {$at}"], $says["trap {$at}"]] = $shop->trap($at);
        }
        $verdicts = (new DropReader($shop->words))->read($names);
        foreach ($asked as $key => [$habit, $isRight]) {
            $sure = $verdicts[$key]->isSure();
            $this->trust($verdicts[$key], $isRight($verdicts[$key]));
            self::count($this->habits, $habit, $sure && $isRight($verdicts[$key]), $sure && !$isRight($verdicts[$key]));
        }
        foreach ($forms as $key => [$form, $isRight]) {
            $right = $isRight($verdicts[$key]);
            $this->trust($verdicts[$key], $right);
            self::count($this->forms, $form, $right && !$verdicts[$key]->isSure(), $verdicts[$key]->isSure());
        }
        foreach ($says as $key => $word) {
            $trap = RandomShop::TRAPS[(int) substr($key, 5) % count(RandomShop::TRAPS)];
            $isSeen = !$verdicts[$key]->isSure() && str_contains(implode(' ', $verdicts[$key]->doubtWords()), $word);
            $this->trust($verdicts[$key], false);
            self::count($this->traps, $trap, $isSeen, $verdicts[$key]->isSure());
        }
    }

    /** As Markdown. */
    public function inWords(int $shops): string
    {
        $drawn = array_sum(array_column($this->habits, 0)) + array_sum(array_column($this->traps, 0));

        return "# Reading names\n\n" .
            'Written by `bin/matching`: ' .
            number_format($drawn) .
            " names of {$shops} shops whose words, codes, sizes, senders " .
            'and habits are drawn at random, with additions in four languages (`tests/Core/Matching/RandomShop.php`). Every name is ' .
            "ours; no shop has it.\n\n## Clear names\n\n" .
            self::table(['Habit', 'Names', 'Sure and right', 'Sure and wrong'], $this->habits) .
            "\n## Traps\n\n" .
            self::table(['Trap', 'Names', 'Seen, and said why', 'Sure all the same'], $this->traps) .
            "\n## Colors written almost right\n\nThey are likely at most, whatever they are.\n\n" .
            self::table(['Form', 'Names', 'Likely and right', 'Sure all the same'], $this->forms) .
            "\n## What confidence means\n\nOf all readings of such a confidence, those that are right; of a trap, none is.\n\n" .
            $this->confidences();
    }

    /** @return array<string, array{int, int}> confidence => readings that have it, right ones of them */
    public function confidence(): array
    {
        return $this->confidence;
    }

    private function trust(Verdict $verdict, bool $isRight): void
    {
        $level = number_format($verdict->confidence, 2);
        [$all, $right] = $this->confidence[$level] ?? [0, 0];
        $this->confidence[$level] = [$all + 1, $right + (int) $isRight];
    }

    private function confidences(): string
    {
        krsort($this->confidence);
        $lines = ['| Confidence | Readings | Right |', '| ---: | ---: | ---: |'];
        foreach ($this->confidence as $level => [$all, $right]) {
            $lines[] = "| {$level} | " . number_format($all) . ' | ' . number_format((100 * $right) / $all, 1) . ' % |';
        }

        return implode("\n", $lines) . "\n";
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
        $lines = ['| ' . implode(' | ', $heads) . ' |', '| --- | ---: | ---: | ---: |'];
        $sum = [0, 0, 0];
        foreach ($counts + ['**All**' => null] as $of => $count) {
            [$all, $good, $bad] = $count ?? $sum;
            $lines[] =
                "| {$of} | " .
                number_format($all) .
                ' | ' .
                self::share($good, $all) .
                ' | ' .
                self::share($bad, $all) .
                ' |';
            $sum = [$sum[0] + $all, $sum[1] + $good, $sum[2] + $bad];
        }

        return implode("\n", $lines) . "\n";
    }

    private static function share(int $part, int $all): string
    {
        return $part === 0 ? '0' : number_format($part) . ' (' . number_format((100 * $part) / max(1, $all), 1) . ' %)';
    }
}
