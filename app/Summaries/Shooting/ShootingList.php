<?php

declare(strict_types=1);

namespace App\Summaries\Shooting;

use App\Store\Products\LoadedProduct;
use App\Store\Products\Portions;
use App\Store\Products\ProductLoader;
use App\Store\Words\ShopWords;
use Core\Gallery\View;
use Core\Matching\AskedPicture;
use Core\Matching\DropReader;
use Core\Matching\Names\DroppedName;
use Core\Matrix\Combination;
use Core\Reach\Clause;
use Core\Reach\Reach;

/**
 * Every picture that products lack, each with a name of a file that was read as just that: by the reader of the intake
 * itself.
 */
final readonly class ShootingList
{
    private const ENDING = '.jpg';

    public function __construct(private ProductLoader $loader, private ShopWords $words) {}

    /**
     * @param  list<int>  $productIds  in the order of the list
     * @return iterable<ShootingLine> some products at a time, however many there are
     */
    public function of(array $productIds): iterable
    {
        for ($left = $productIds; $left !== []; $left = array_slice($left, count($some))) {
            $some = Portions::first(array_slice($left, 0, 100));
            $holes = [];
            foreach ($this->loader->standing($some) as $loaded) {
                array_push($holes, ...$this->holes($loaded));
            }
            yield from $this->named($holes);
        }
    }

    /** @return list<WantedPicture> */
    private function holes(LoadedProduct $loaded): array
    {
        $wanted = [];
        foreach ($loaded->core->coverage()->rows ?? [] as $row) {
            foreach ($row->holes() as $cell) {
                // One for the whole product, whatever lacks it.
                $part = $cell->shot->view->showing->isOfAll() ? Combination::of([]) : $row->combination;
                $key = "{$cell->shot->view->key} {$part->key}";
                $wanted[$key] = isset($wanted[$key])
                    ? $wanted[$key]->lackedBy($cell->lacking)
                    : new WantedPicture(
                        $loaded,
                        $this->asked($loaded, $part, $cell->shot->view),
                        $cell->shot,
                        $part,
                        $cell->lacking,
                    );
            }
        }

        return array_values($wanted);
    }

    private function asked(LoadedProduct $loaded, Combination $part, View $view): AskedPicture
    {
        foreach ($loaded->core->made as $sku) {
            if ($sku->cell->includes($part)) {
                break;
            }
        }

        return new AskedPicture(
            $loaded->product->id,
            $part->values === [] ? Reach::everything() : Reach::of(Clause::at($part)),
            $view,
            $sku->code ?? '',
            $sku->gtin ?? null,
        );
    }

    /**
     * Each gets the first of its names that is read as it is meant, held against the names of all others.
     *
     * @param  list<WantedPicture>  $wanted
     * @return iterable<ShootingLine>
     */
    private function named(array $wanted): iterable
    {
        $files = [];
        for ($try = 0, $open = $wanted; $open !== []; $try++) {
            $names = [];
            foreach ($open as $at => $picture) {
                $name = $picture->asked->names()[$try] ?? null;
                if ($name !== null) {
                    $names[$at] = new DroppedName($name . self::ENDING, '');
                }
            }
            $verdicts = $names === [] ? [] : (new DropReader($this->words->of($names)))->read($names);
            foreach ($verdicts as $at => $verdict) {
                if ($open[$at]->asked->isReadAs($verdict)) {
                    $files[$at] = $names[$at]->file;
                }
            }
            $open = array_diff_key(array_intersect_key($open, $names), $files);
        }
        foreach ($wanted as $at => $picture) {
            yield $picture->line($files[$at] ?? '');
        }
    }
}
