<?php

declare(strict_types=1);

namespace App\Store\Words;

use Core\Details\DetailKind;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** What people typed before, so that it is typed alike: brands, paths of categories, tags, kinds, tax classes. */
final class InputSuggestions
{
    private const MOST = 300;

    /** @return array<string, list<string>> */
    public function lists(): array
    {
        return [
            'brands' => $this->column('brand'),
            'categories' => $this->paths(),
        ] + $this->details();
    }

    /** @return list<string> every path of the tree, each part of one too */
    public function paths(): array
    {
        $paths = [];
        foreach (
            [
                ...$this->column('category'),
                ...array_merge(
                    ...array_map(fn(string $text): array => explode("\n", $text), $this->texts(DetailKind::AlsoIn)),
                ),
            ]
            as $path
        ) {
            $parts = explode(' > ', $path);
            for ($depth = 1; $depth <= count($parts); $depth++) {
                $part = implode(' > ', array_slice($parts, 0, $depth));
                $paths[Name::of($part)->folded] ??= $part;
            }
        }
        sort($paths);

        return array_slice($paths, 0, self::MOST);
    }

    /** @return array<string, list<string>> what was typed of details that are offered again, by the id of its list */
    private function details(): array
    {
        $lists = [];
        foreach (DetailKind::cases() as $kind) {
            $between = $kind->type()->remembers();
            if ($between === null) {
                continue;
            }
            $words = [];
            foreach ([...$kind->type()->usual(), ...$this->texts($kind)] as $text) {
                foreach (explode($between, $text) as $word) {
                    $words[Name::of($word)->folded] ??= $word;
                }
            }
            $kind->type()->usual() === [] ? sort($words) : ($words = array_values($words));
            $lists[str_replace(' ', '-', $kind->value)] = array_slice($words, 0, self::MOST);
        }

        return $lists;
    }

    /** @return list<string> */
    private function column(string $column): array
    {
        return array_values(
            DB::table('products')
                ->where($column, '<>', '')
                ->whereNull('removed_at')
                ->distinct()
                ->orderBy($column)
                ->limit(self::MOST)
                ->pluck($column)
                ->all(),
        );
    }

    /** @return list<string> */
    private function texts(DetailKind $kind): array
    {
        return array_values(
            DB::table('details')
                ->where('kind', $kind->value)
                ->where('text', '<>', '')
                ->distinct()
                ->orderBy('text')
                ->limit(self::MOST)
                ->pluck('text')
                ->all(),
        );
    }
}
