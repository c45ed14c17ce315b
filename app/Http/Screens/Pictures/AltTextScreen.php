<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Store\Products\LoadedProduct;
use Core\Gallery\AltTexts\AltFault;
use Core\Product\AltTexts;

/** The texts that stand for a product's pictures, those first that are not good. */
final readonly class AltTextScreen
{
    /** @var array<int, non-empty-list<AltFault>> by placement id */
    public array $faults;

    /** @var array<int, string> placement id => what would be put in its place */
    public array $proposals;

    /** @var array<int, string> by placement id */
    private array $texts;

    private PictureLinks $pictures;

    public function __construct(public LoadedProduct $loaded)
    {
        $texts = new AltTexts($loaded->core);
        $check = $texts->check();
        $this->texts = $texts->all();
        $this->faults = $check->faults();
        $this->proposals = $check->proposals();
        $this->pictures = new PictureLinks($loaded);
    }

    /** "31 texts: 4 twice in a gallery, 1 longer than 125 characters" */
    public function summary(): string
    {
        $parts = [];
        foreach (AltFault::cases() as $fault) {
            $count = count(array_filter($this->faults, fn(array $own): bool => in_array($fault, $own, true)));
            $parts[] = $count === 0 ? '' : "{$count} {$fault->value}";
        }
        $all = count($this->texts);

        return ($all === 1 ? '1 text' : "{$all} texts") .
            (array_filter($parts) === []
                ? ': nothing is wrong with ' . ($all === 1 ? 'it' : 'them')
                : ': ' . implode(', ', array_filter($parts)));
    }

    /** @return list<AltTextRow> those with faults first */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->texts as $id => $text) {
            $placement = $this->loaded->placements[$id]->placement;
            $faults = $this->faults[$id] ?? [];
            $rows[] = new AltTextRow(
                $this->pictures->thumb($placement),
                $text,
                $placement->altText !== '',
                array_column($faults, 'value'),
                $this->proposals[$id] ?? ($faults === [] ? '' : __('contact.type_one_on_the_board')),
            );
        }
        usort($rows, fn(AltTextRow $a, AltTextRow $b): int => ($a->faults === []) <=> ($b->faults === []));

        return $rows;
    }
}
