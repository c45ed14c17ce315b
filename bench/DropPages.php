<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\Product\CreateProduct;
use App\Media\Looks\PhotoLooks;
use App\Models\Drop;
use App\Models\DropFileState;
use App\Models\PhotoState;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Tests\Soak\Visitor;

/** Looks at a drop of 2,000 files, and settling in it, each beside the same in a drop of 200, over HTTP. */
final class DropPages
{
    private const FEW = 200;

    private const MANY = 2_000;

    private const ROUNDS = 9;

    /** @return list<Result> */
    public static function measure(string $url): array
    {
        DemoSeeder::accounts();
        $few = self::drop(self::FEW);
        $many = self::drop(self::MANY);
        $visitor = new Visitor($url);
        $visitor->signIn('ada@thrumbury.example', DemoSeeder::PASSWORD);
        $looks = [
            'the table' => fn(Drop $drop): string => "/intake/{$drop->id}",
            'by product' => fn(Drop $drop): string => "/intake/{$drop->id}?by=product",
            'a picture beside it' => fn(Drop $drop): string => self::pane($visitor, $drop),
        ];
        $results = [];
        foreach ($looks as $what => $address) {
            $ratio = Timing::ratio(
                fn() => self::look($visitor, $address($many)),
                fn() => self::look($visitor, $address($few)),
                self::ROUNDS,
            );
            $results[] = new Result("looking at a drop: {$what}", self::sizes(), $ratio, 1.5);
        }
        foreach (['link' => 'linking one', 'aside' => 'putting one aside'] as $deed => $what) {
            $results[] = new Result(
                "settling in a drop: {$what}",
                self::sizes(),
                Timing::ratio(
                    fn() => self::settle($visitor, $many, $deed),
                    fn() => self::settle($visitor, $few, $deed),
                    self::ROUNDS,
                ),
                1.5,
            );
        }

        return $results;
    }

    private static function sizes(): string
    {
        return number_format(self::MANY) . ' files, ' . self::FEW . ' files';
    }

    private static function look(Visitor $visitor, string $address): void
    {
        $answer = $visitor->get($address);
        if ($answer->status !== 200) {
            throw new RuntimeException("{$address} answers {$answer->status}.");
        }
    }

    /** The address of the pane of its first picture, as the table asks for it. */
    private static function pane(Visitor $visitor, Drop $drop): string
    {
        static $addresses = [];

        return $addresses[$drop->id] ??=
            preg_match('~data-settle="[^"]*(/intake/[^"]+)"~', $visitor->get("/intake/{$drop->id}")->body, $found) === 1
                ? html_entity_decode($found[1])
                : throw new RuntimeException('The table has no picture.');
    }

    private static function settle(Visitor $visitor, Drop $drop, string $deed): void
    {
        $file = self::file($drop);
        $answer = $visitor->post("/intake/{$drop->id}/{$deed}", [
            'files' => (string) $file,
            'product' => self::product($drop),
            'selected' => '*',
        ]);
        if ($answer->status !== 200) {
            throw new RuntimeException("Settling answers {$answer->status}.");
        }
    }

    /** A product of its own for each drop: what is linked to one makes the other be read anew where it has it too. */
    private static function product(Drop $drop): string
    {
        static $codes = [];

        return $codes[$drop->id] ??= app(CreateProduct::class)->run(
            $drop->user,
            "Linked out of drop {$drop->id}",
            "BENCH-DROP-{$drop->id}",
            1,
        )->code;
    }

    private static function file(Drop $drop): int
    {
        return (int) DB::table('drop_files')
            ->where('drop_id', $drop->id)
            ->where('state', DropFileState::Stored->value)
            ->whereNull('batch_id')
            ->min('id');
    }

    /** Pictures of many products, named in four habits, a quarter of them with a word that nobody knows. */
    private static function drop(int $files): Drop
    {
        $skus = DB::table('skus')
            ->join('products', 'products.id', '=', 'skus.product_id')
            ->whereNull('products.removed_at')
            ->where('skus.cell', '<>', '')
            ->orderBy('skus.id')
            ->limit(4 * $files)
            ->get(['skus.code', 'skus.cell', 'products.code as product'])
            ->all();
        $labels = DB::table('axis_values')->pluck('name', 'id')->all();
        $drop = Drop::query()->create([
            'user_id' => DB::table('users')->where('email', 'ada@thrumbury.example')->value('id'),
            'name' => "{$files} files",
            'sender' => 'Halden',
            'created_at' => now(),
        ]);
        $first = (int) DB::table('photos')->max('id') + 1;
        $photos = $looks = $rows = [];
        for ($at = 0; $at < $files; $at++) {
            $sku = $skus[(7 * $at) % count($skus)];
            $color = $labels[(int) (preg_match('/:(\d+)/', $sku->cell, $found) === 1 ? $found[1] : 0)] ?? '';
            $name = match ($at % 4) {
                0 => "{$sku->product}_{$color}_front.jpg",
                1 => "{$sku->code}_back.jpg",
                2 => "{$sku->product}_{$color}_blorp_detail.jpg",
                default => "{$sku->product} {$color} {$at}.jpg",
            };
            $photos[] = [
                'id' => $first + $at,
                'sha256' => hash('sha256', "bench drop {$drop->id} {$at}"),
                'type' => 'jpeg',
                'state' => PhotoState::Ready->value,
                'width' => 2_000,
                'height' => 2_000,
                'bytes' => 400_000 + $at,
            ];
            $looks[] = [
                'photo_id' => $first + $at,
                'background' => '#ffffff',
                'evenness' => 1,
                'filled' => 0.4,
                'colors' => '[["#5f7049",0.9]]',
                'fingerprint' => substr(sha1("look {$at}"), 0, 16),
                'sharpness' => 20,
                'measured_by' => PhotoLooks::MEASURED_BY,
            ];
            $rows[] = [
                'drop_id' => $drop->id,
                'print' => sha1("file {$drop->id} {$at}"),
                'file' => $name,
                'title' => '',
                'keywords' => '',
                'bytes' => 400_000 + $at,
                'received' => 400_000 + $at,
                'state' => DropFileState::Stored->value,
                'photo_id' => $first + $at,
            ];
        }
        foreach ([['photos', $photos], ['photo_looks', $looks], ['drop_files', $rows]] as [$table, $all]) {
            foreach (array_chunk($all, 500) as $chunk) {
                DB::table($table)->insert($chunk);
            }
        }

        return $drop;
    }
}
