<?php

declare(strict_types=1);

namespace Tests\Soak;

use RuntimeException;

/**
 * Somebody at work on a product of their own, and on one that all share: types stock and prices, drops pictures, undoes
 * and redoes, without a pause. Remembers what was answered as kept: how the product has to be in the end.
 */
final class Client
{
    /**
     * @var array{stock: array<string, int>, price: array<string, string>, files: array<string, string>} what was kept
     */
    private array $model = ['stock' => [], 'price' => [], 'files' => []];

    /** @var list<array{array, array}> before and after each change that can be undone */
    private array $done = [];

    /** @var list<array{array, array}> */
    private array $undone = [];

    private int $version = 0;

    private int $sharedVersion = 0;

    /** @var array<string, int> what was done, by kind */
    private array $deeds = [];

    /** @var list<int> numbers set on the shared product, each kept once */
    private array $shared = [];

    private int $number = 0;

    /**
     * @param  list<string>  $cells  keys of the own product's SKUs
     * @param  list<string>  $sharedCells
     * @param  string  $pictures  a folder to draw pictures in
     */
    public function __construct(
        private readonly Visitor $visitor,
        private readonly string $product,
        private readonly array $cells,
        private readonly array $sharedCells,
        private readonly string $pictures,
        private readonly int $at,
        private readonly int $seed,
    ) {}

    /** @return array<string, mixed> */
    public function work(int $seconds): array
    {
        mt_srand($this->seed);
        $this->version = $this->visitor->get("/products/{$this->product}")->version;
        $this->sharedVersion = $this->visitor->get('/products/SHARED')->version;
        for ($end = time() + $seconds; time() < $end; ) {
            $deed = ['stock', 'stock', 'stock', 'price', 'price', 'drop', 'undo', 'undo', 'redo', 'share'][
                mt_rand(0, 9)
            ];
            if ($this->{$deed}()) {
                $this->deeds[$deed] = ($this->deeds[$deed] ?? 0) + 1;
            }
            usleep(30_000);
        }
        while (count($this->undone) > 0 && $this->redo()) {
            $this->deeds['redo'] = ($this->deeds['redo'] ?? 0) + 1;
        }

        return [
            'product' => $this->product,
            'model' => $this->model,
            'deeds' => $this->deeds,
            'shared' => $this->shared,
            'entries' => count($this->done),
            'answers' => $this->visitor->answers,
            'gap' => $this->visitor->longestGap,
        ];
    }

    private function stock(): bool
    {
        $cell = $this->cells[mt_rand(0, count($this->cells) - 1)];
        $number = ++$this->number;
        $this->change('skus/stock', ['selected' => $cell, 'typed' => $number], function () use ($cell, $number): void {
            $this->model['stock'][$cell] = $number;
        });

        return true;
    }

    private function price(): bool
    {
        $cell = $this->cells[mt_rand(0, count($this->cells) - 1)];
        $price = sprintf('%d.%02d', 10 + intdiv(++$this->number, 100), $this->number % 100);
        $this->change('skus/price', ['selected' => $cell, 'typed' => $price], function () use ($cell, $price): void {
            $this->model['price'][$cell] = $price;
        });

        return true;
    }

    private function drop(): bool
    {
        $onto = mt_rand(0, 1) === 1 ? $this->cells[mt_rand(0, count($this->cells) - 1)] : null;
        $files = [];
        foreach (range(1, mt_rand(1, 3)) as $ignored) {
            $name = "{$this->product} " . ++$this->number . '.jpg';
            $files[$name] = $this->drawn($name);
        }
        $answer = $this->visitor->drop("/products/{$this->product}/photos", $files, $onto);
        $receipt = json_decode($answer->body, true);
        if (
            $answer->status !== 200 ||
            ($receipt['refused'] ?? null) !== [] ||
            count($receipt['taken']) + count($receipt['known']) !== count($files)
        ) {
            throw new RuntimeException("Pictures dropped: {$answer->status} " . substr($answer->body, 0, 600));
        }
        array_map(unlink(...), $files);
        $this->remember(function () use ($files, $onto): void {
            $this->model['files'] += array_fill_keys(array_keys($files), $onto ?? '');
        });

        return true;
    }

    private function undo(): bool
    {
        if ($this->done === []) {
            return false;
        }
        $this->sent('undo', []);
        [$before] = $this->undone[] = array_pop($this->done);
        $this->model = $before;

        return true;
    }

    private function redo(): bool
    {
        if ($this->undone === []) {
            return false;
        }
        $this->sent('redo', []);
        [, $after] = $this->done[] = array_pop($this->undone);
        $this->model = $after;

        return true;
    }

    /** The shared product is changed by all: whoever is late is told so, and makes the change once more. */
    private function share(): bool
    {
        $number = $this->at * 100_000 + ++$this->number;
        for ($try = 0; $try < 60; $try++) {
            $answer = $this->visitor->post('/products/SHARED/skus/stock', [
                'lens' => 'stock',
                'selected' => $this->sharedCells[mt_rand(0, count($this->sharedCells) - 1)],
                'typed' => $number,
                'version' => $this->sharedVersion,
                'token' => Visitor::token(),
            ]);
            $this->sharedVersion =
                $answer->version !== 0 ? $answer->version : $this->visitor->get('/products/SHARED')->version;
            if ($answer->status === 200 || $answer->wasKeptBefore) {
                $this->shared[] = $number;

                return true;
            }
            if ($answer->status !== 409) {
                throw new RuntimeException(
                    "The shared product: {$answer->status} " . substr(strip_tags($answer->body), 0, 600),
                );
            }
        }

        return false;
    }

    /** @param  array<string, mixed>  $fields */
    private function change(string $path, array $fields, callable $means): void
    {
        $this->sent($path, $fields);
        $this->remember($means);
    }

    private function remember(callable $means): void
    {
        $before = $this->model;
        $means();
        $this->done[] = [$before, $this->model];
        $this->undone = [];
    }

    /** @param  array<string, mixed>  $fields */
    private function sent(string $path, array $fields): void
    {
        $answer = $this->visitor->post(
            "/products/{$this->product}/{$path}",
            $fields + ['lens' => 'stock', 'version' => $this->version, 'token' => Visitor::token()],
        );
        if ($answer->status !== 200 && !$answer->wasKeptBefore) {
            throw new RuntimeException(
                date('H:i:s') .
                    " {$path}, version {$this->version}: {$answer->status} " .
                    substr((string) preg_replace('/\s+/', ' ', strip_tags($answer->body)), 0, 600),
            );
        }
        $this->version =
            $answer->version !== 0 ? $answer->version : $this->visitor->get("/products/{$this->product}")->version;
    }

    /** A picture of noise, unlike every other. */
    private function drawn(string $name): string
    {
        $picture = imagecreatetruecolor(600, 600);
        foreach (range(1, 60) as $ignored) {
            imagefilledellipse(
                $picture,
                mt_rand(0, 600),
                mt_rand(0, 600),
                mt_rand(20, 300),
                mt_rand(20, 300),
                mt_rand(0, 0xffffff),
            );
        }
        $path = "{$this->pictures}/" . md5($name) . '.jpg';
        imagejpeg($picture, $path, 88);

        return $path;
    }
}
