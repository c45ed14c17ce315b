<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Details\DetailKind;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** What people typed before, so that it is typed alike: brands, paths of categories, tags, kinds, tax classes. */
final class Remembered
{
    private const MOST = 300;

    /** @return array<string, list<string>> */
    public function lists(): array
    {
        return [
            'brands' => $this->column('brand'),
            'categories' => $this->paths(),
            'tags' => $this->tags(),
            'kind' => $this->texts(DetailKind::Kind),
            'tax-class' => $this->texts(DetailKind::Tax),
            'warranty' => $this->texts(DetailKind::Warranty),
        ];
    }

    /** @return list<string> every path of the tree, each part of one too */
    public function paths(): array
    {
        $paths = [];
        foreach ([...$this->column('category'), ...array_merge(...array_map(fn (string $text): array => explode("\n", $text), $this->texts(DetailKind::AlsoIn)))] as $path) {
            $parts = explode(' > ', $path);
            for ($depth = 1; $depth <= count($parts); $depth++) {
                $part = implode(' > ', array_slice($parts, 0, $depth));
                $paths[Name::of($part)->folded] ??= $part;
            }
        }
        sort($paths);

        return array_slice($paths, 0, self::MOST);
    }

    /** @return list<string> */
    private function tags(): array
    {
        $tags = [];
        foreach ($this->texts(DetailKind::Tags) as $text) {
            foreach (explode(', ', $text) as $tag) {
                $tags[Name::of($tag)->folded] ??= $tag;
            }
        }
        sort($tags);

        return array_slice($tags, 0, self::MOST);
    }

    /** @return list<string> */
    private function column(string $column): array
    {
        return array_values(DB::table('products')->where($column, '<>', '')->whereNull('removed_at')->distinct()->orderBy($column)->limit(self::MOST)->pluck($column)->all());
    }

    /** @return list<string> */
    private function texts(DetailKind $kind): array
    {
        return array_values(DB::table('details')->where('kind', $kind->value)->where('text', '<>', '')->distinct()->orderBy('text')->limit(self::MOST)->pluck('text')->all());
    }
}
