<?php

declare(strict_types=1);

namespace App\Intake;

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
    public function keep(User $user, ReadDrop $read, array $ids): void
    {
        $shown = array_intersect_key($read->files, array_flip($ids));
        $alike = $this->alike($read);
        $keys = array_filter(array_map(fn(ReadFile $one): ?string => $one->decision(), $shown));
        $this->cache->put(
            $this->key($user, $read->drop->id),
            [
                // Together: what they have in common, such as their products, is written once.
                'files' => serialize($shown),
                'seen' => array_map(fn(ReadFile $one): string => $one->seen(), $shown),
                'products' => $this->products($read),
                'alike' => array_intersect_key($alike, array_flip($keys)),
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

    public function read(ReadDrop $read, int $id): ?SettleCase
    {
        return isset($read->files[$id])
            ? $this->of($read->files[$id], $this->products($read), $this->alike($read))
            : null;
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
    private function alike(ReadDrop $read): array
    {
        $alike = [];
        foreach ($read->open() as $id => $one) {
            $decision = $one->decision();
            if ($decision !== null) {
                $alike[$decision][] = "{$id}:{$one->seen()}";
            }
        }

        return $alike;
    }

    /** @return array<string, string> code => name */
    private function products(ReadDrop $read): array
    {
        $times = $names = [];
        foreach ($read->files as $one) {
            if ($one->product !== null) {
                $times[$one->product->code] = ($times[$one->product->code] ?? 0) + 1;
                $names[$one->product->code] = $one->product->name;
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
