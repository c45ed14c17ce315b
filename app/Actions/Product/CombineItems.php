<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Batches\BatchItem;
use App\Batches\DoesItself;
use App\Changing\Combining;
use App\Changing\PortionOutcome;
use App\Models\Batch;
use App\Store\Products\CatalogLookup;
use Core\Combining\CombineWish;
use Core\Combining\ItemGroup;
use Core\Combining\PlacedItem;
use Core\Refusal;
use Core\RefusalKind;

/** Puts groups of single items together, each into a product. */
final readonly class CombineItems implements DoesItself
{
    public const NAME = 'combine';

    public function __construct(private Combining $work, private CatalogLookup $catalog) {}

    public function inWords(array $wanted): string
    {
        $count = (int) ($wanted['count'] ?? 0);

        return $count === 1
            ? 'Put single items together into 1 product'
            : 'Put single items together into ' . number_format($count) . ' products';
    }

    /**
     * What is wanted of groups, as a batch keeps it.
     *
     * @param  list<ItemGroup>  $groups
     * @return array<string, string>
     */
    public static function wanted(array $groups): array
    {
        $kept = array_map(
            fn(ItemGroup $group): array => [
                self::name($group),
                $group->code,
                $group->axes,
                array_map(fn(PlacedItem $one): array => [$one->item->productId, $one->values], $group->items),
            ],
            $groups,
        );

        return [
            'count' => (string) count($groups),
            'groups' => json_encode($kept, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ];
    }

    /** @throws Refusal */
    public function do(Batch $batch, BatchItem $item): PortionOutcome
    {
        $groups = json_decode((string) ($batch->wanted['groups'] ?? ''), true);
        /** @var ?array{string, string, list<string>, non-empty-list<array{int, array<string, string>}>} $group */
        $group = $groups[$item->position - 1] ?? null;
        if ($group === null) {
            throw new Refusal('What was to be put together is not known any more.', RefusalKind::Gone);
        }
        [$name, $code, $axes, $items] = $group;
        $values = array_column($items, 1, 0);
        $wish = new CombineWish($this->catalog, $name, $code, array_keys($values), $axes, $values);
        $made = $this->work->run($batch->user, CombineProducts::class, $wish, $batch->id);

        return PortionOutcome::made($this->work->entryOf($made))->of($made->id);
    }

    /** "Potting apron" of "potting apron". */
    public static function name(ItemGroup $group): string
    {
        return mb_strtoupper(mb_substr($group->name, 0, 1)) . mb_substr($group->name, 1);
    }
}
