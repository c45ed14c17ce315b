<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use App\History\Timeline;
use App\Http\Screens\Few;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Store\Products\Snapshots;
use Core\Product\Difference\Difference;
use Core\Product\Difference\DifferenceWording;
use Core\Product\Difference\Remark;

/** What is different between two points of a product's history, the earlier first whichever was given first. */
final readonly class ComparisonScreen
{
    private const SHOWN = 100;

    public HistoryEntry $from;

    /** Null: the product as it is. */
    public ?HistoryEntry $to;

    /** @var array<string, Few<Remark>> by section */
    public array $sections;

    public function __construct(Product $product, Snapshots $snapshots, Timeline $timeline, int $fromId, ?int $toId)
    {
        [$earlier, $later] = $toId !== null && $toId < $fromId ? [$toId, $fromId] : [$fromId, $toId];
        $entry = fn(int $id): HistoryEntry => $timeline->entry($product, $id);
        $this->from = $entry($earlier);
        $this->to = $later === null ? null : $entry($later);
        $sections = [];
        foreach (
            (new DifferenceWording())->remarks(
                Difference::between($snapshots->at($product, $earlier), $snapshots->at($product, $later)),
            )
            as $remark
        ) {
            $sections[$remark->section->value][] = $remark;
        }
        $this->sections = array_map(fn(array $remarks): Few => Few::of($remarks, self::SHOWN), $sections);
    }

    public function point(?HistoryEntry $entry): string
    {
        return $entry === null
            ? __('product.as_it_is_now')
            : "after “{$entry->words}”, {$entry->at('j M Y H:i')}, {$entry->user->name}";
    }
}
