<?php

declare(strict_types=1);

namespace App\Intake;

use App\Intake\Table\DropTable;
use App\Models\Drop;
use App\Models\User;
use Illuminate\Contracts\Cache\Repository;

/**
 * What the pane beside the table shows of a picture. Reading a drop of thousands takes a second: so the pictures of a
 * page are kept as they were read for it, for the one who looks at it. Whatever is done with them is looked at anew.
 */
final class SettleCases
{
    private const MOST_PRODUCTS = 6;

    /** Seconds in which somebody goes through a page. */
    private const KEPT = 3_600;

    public function __construct(private readonly Repository $cache) {}

    /** @param  list<int>  $ids  of the pictures of a page */
    public function keep(User $user, DropTable $table, array $ids): void
    {
        $shown = $table->files($ids);
        $keys = array_filter(array_map(fn(ReadFile $one): ?string => $one->decision(), $shown));
        $this->cache->put(
            $this->key($user, $table->drop->id),
            [
                // Together: what they have in common, such as their products, is written once.
                'files' => serialize($shown),
                'seen' => array_map(fn(ReadFile $one): string => $one->seen(), $shown),
                'products' => $this->products($table),
                'alike' => array_intersect_key($this->alike($table), array_flip($keys)),
            ],
            self::KEPT,
        );
    }

    /** @return ?SettleCase as the page showed it; null where it showed another, or that is long ago */
    public function find(User $user, Drop $drop, int $id, string $seen): ?SettleCase
    {
        $kept = $this->cache->get($this->key($user, $drop->id));
        if (!is_array($kept) || ($kept['seen'][$id] ?? null) !== $seen) {
            return null;
        }
        $files = unserialize($kept['files']);

        return $this->of($files[$id], $kept['products'], $kept['alike']);
    }

    public function read(DropTable $table, int $id): ?SettleCase
    {
        $file = $table->files([$id])[$id] ?? null;

        return $file === null ? null : $this->of($file, $this->products($table), $this->alike($table));
    }

    /**
     * @param  array<string, string>  $products
     * @param  array<string, list<string>>  $alike
     */
    private function of(ReadFile $file, array $products, array $alike): SettleCase
    {
        $others = array_filter(
            $alike[$file->decision() ?? ''] ?? [],
            fn(string $one): bool => !str_starts_with($one, "{$file->file->id}:"),
        );

        return new SettleCase($file, $products, array_values($others));
    }

    /** @return array<string, list<string>> what is to be decided => file ids, each with what a page shows of it */
    private function alike(DropTable $table): array
    {
        $alike = [];
        foreach ($table->open() as $line) {
            if ($line->decision !== null) {
                $alike[$line->decision][] = $line->token();
            }
        }

        return $alike;
    }

    /** @return array<string, string> code => name */
    private function products(DropTable $table): array
    {
        $times = $names = [];
        foreach ($table->lines as $line) {
            if ($line->hasProduct()) {
                $times[$line->code] = ($times[$line->code] ?? 0) + 1;
                $names[$line->code] = $line->product;
            }
        }
        arsort($times);
        $most = array_slice($times, 0, self::MOST_PRODUCTS, true);

        return array_map(
            fn(string $code): string => $names[$code],
            array_combine(array_keys($most), array_keys($most)),
        );
    }

    private function key(User $user, int $dropId): string
    {
        return "settle-cases {$dropId} {$user->id}";
    }
}
