<?php

declare(strict_types=1);

namespace Tests\Soak;

use CurlHandle;

/**
 * Eight people want the same name or code at the same moment: one gets it, the others are told, nobody meets an error.
 */
final class Races
{
    public const CLIENTS = 8;

    private const ROUNDS = 8;

    private const NUMBERS = 'the next free numbers of one range';

    /** @var list<Visitor> */
    private array $visitors = [];

    /** @var array<string, array<int, int>> race => status => how often */
    private array $answers = [];

    /** @var list<string> */
    private array $faults = [];

    /** @param  array<string, mixed>  $stage */
    public function __construct(private readonly array $stage, private readonly string $base) {}

    public function run(): int
    {
        for ($at = 0; $at < self::CLIENTS; $at++) {
            $visitor = new Visitor($this->base);
            $visitor->signIn($this->stage['people'][$at % count($this->stage['people'])], Stage::PASSWORD);
            $this->visitors[] = $visitor;
        }
        $product = fn(int $at): string => "/products/{$this->stage['racers'][$at]['code']}";
        $version = fn(int $at, string $path): int => $this->visitors[$at]->get($path)->version;
        for ($round = 1; $round <= self::ROUNDS; $round++) {
            $letter = chr(64 + $round);
            $this->race(
                'the same code for a new product',
                fn(int $at): array => ['/products', ['name' => "Race {$round} of {$at}", 'code' => "RACE-{$round}"]],
            );
            $this->race(
                'the same new axis',
                fn(int $at): array => [
                    '/library/axes',
                    [
                        'name' => "Finish {$letter}",
                        'kind' => 'other',
                        'display' => 'buttons',
                        'version' => $version($at, '/library'),
                    ],
                ],
            );
            $this->race(
                'the same new values in products of their own',
                fn(int $at): array => [
                    $product($at) . '/setup',
                    [
                        'version' => $version($at, $product($at)),
                        'axes' => [
                            ['name' => 'Color', 'values' => "Moss, Clay, Slate, Race {$letter}"],
                            ['name' => 'Size', 'values' => 'S, M, L, XL'],
                        ],
                    ],
                ],
            );
            $this->race(
                'the same code for SKUs of their own',
                fn(int $at): array => [
                    $product($at) . '/skus/code',
                    [
                        'version' => $version($at, $product($at)),
                        'lens' => 'codes',
                        'selected' => $this->stage['racers'][$at]['cells'][0],
                        'typed' => "SAME-{$round}",
                    ],
                ],
            );
            $this->race(
                self::NUMBERS,
                fn(int $at): array => [
                    $product($at) . '/gtins',
                    [
                        'version' => $version($at, $product($at)),
                        'lens' => 'gtin',
                        'selected' => $this->stage['racers'][$at]['cells'][$round],
                        'range' => $this->stage['range'],
                    ],
                ],
            );
            $this->race(
                'a change of the same product',
                fn(int $at): array => [
                    $product(0) . '/skus/stock',
                    [
                        'version' => $version($at, $product(0)),
                        'lens' => 'stock',
                        'selected' => $this->stage['racers'][0]['cells'][$at],
                        'typed' => $round * 100 + $at,
                    ],
                ],
            );
        }
        $this->pressButtonManyTimes();
        foreach ($this->answers as $race => $counts) {
            ksort($counts);
            printf(
                "  %s: %s\n",
                $race,
                implode(
                    ', ',
                    array_map(
                        fn(int $status, int $count): string => "{$status} × {$count}",
                        array_keys($counts),
                        $counts,
                    ),
                ),
            );
        }
        foreach ($this->faults as $fault) {
            echo "  NOT: {$fault}\n";
        }

        return $this->faults === [] ? 0 : 1;
    }

    /** One person presses the button of a plain form again and again: all are led to the one batch that it made. */
    private function pressButtonManyTimes(): void
    {
        $form = [
            'q' => $this->stage['racers'][0]['code'],
            'what' => 'details:brand',
            'value' => 'Race',
            'token' => Visitor::token(),
        ];
        $handles = array_map(fn(int $at): CurlHandle => $this->visitors[0]->preparedForm('/bulk', $form), range(1, 4));
        $led = array_map(fn(Answer $answer): string => "{$answer->status} {$answer->location}", $this->sent($handles));
        if (count(array_unique($led)) !== 1 || preg_match('~^302 .*/bulk/[0-9A-Za-z]{26}$~', $led[0]) !== 1) {
            $this->faults[] = 'a button pressed four times: ' . implode(', ', $led);
        }
    }

    /**
     * @param  array<int, CurlHandle>  $handles
     * @return array<int, Answer> of all, sent at the same moment
     */
    private function sent(array $handles): array
    {
        $multi = curl_multi_init();
        foreach ($handles as $handle) {
            curl_multi_add_handle($multi, $handle);
        }
        do {
            $status = curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.1);
        } while ($running > 0 && $status === CURLM_OK);
        $answers = array_map(
            fn(CurlHandle $handle): Answer => Answer::of($handle, curl_multi_getcontent($handle)),
            $handles,
        );
        array_map(fn(CurlHandle $handle) => curl_multi_remove_handle($multi, $handle), $handles);
        curl_multi_close($multi);

        return $answers;
    }

    /**
     * @param  callable(int): array{string, array<string, mixed>}  $asks  what each asks for, made ready before any is
     * sent
     */
    private function race(string $name, callable $asks): void
    {
        $handles = [];
        foreach ($this->visitors as $at => $visitor) {
            [$path, $fields] = $asks($at);
            $handles[$at] = $visitor->prepared($path, $fields);
        }
        foreach ($this->sent($handles) as $answer) {
            $this->answers[$name][$answer->status] = ($this->answers[$name][$answer->status] ?? 0) + 1;
            // Of the numbers of a range there are enough for all: nobody is told to try again.
            if (
                $answer->status === 0 ||
                $answer->status >= 500 ||
                ($name === self::NUMBERS && $answer->status !== 200)
            ) {
                $this->faults[] =
                    "{$name}: {$answer->status} " .
                    substr(trim((string) preg_replace('/\s+/', ' ', strip_tags($answer->body))), 0, 300);
            }
        }
    }
}
