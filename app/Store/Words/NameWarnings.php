<?php

declare(strict_types=1);

namespace App\Store\Words;

use App\Models\Product;
use Core\Matching\DropReader;
use Core\Matching\Names\DroppedName;
use Core\Product\SelectedPart;
use Core\Reach\Wording;

/** What the names of pictures say against the part of a product that somebody links them to. */
final class NameWarnings
{
    public function __construct(private readonly ShopWords $words) {}

    /**
     * @param  list<string>  $files  names
     * @return list<string> sentences
     */
    public function of(int $productId, array $files, SelectedPart $part): array
    {
        $names = array_map(fn(string $file): DroppedName => new DroppedName($file), $files);
        $words = $this->words->of($names, Product::query()->findOrFail($productId));
        $warnings = [];
        foreach ((new DropReader($words))->read($names, $productId) as $at => $verdict) {
            if ($verdict->speaksAgainst($part->reach)) {
                $says =
                    $verdict->reach === null || $verdict->foreignWords() !== []
                        ? '. ' . implode(' ', $verdict->foreignWords())
                        : '; its name says ' . (new Wording())->say($verdict->reach, $part->product->matrix) . '.';
                $warnings[] = "{$files[$at]} is linked to {$part->place()}{$says}";
            }
        }

        return $warnings;
    }
}
