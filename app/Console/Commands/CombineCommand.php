<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Accounts;
use App\Actions\Product\CombineProducts;
use App\Actions\Product\CombineSure;
use App\Console\GivenTexts;
use App\Summaries\Lists\SingleItems;
use Core\Combining\GroupDoubt;
use Core\Combining\ItemGroup;
use Core\Combining\PlacedItem;
use Core\CoreException;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Console\Command;

/** Says what one product made of several would be, and makes it. */
final class CombineCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:combine {product* : Codes of the products} {--as= : Email address of the account that does it; without, nothing is made} {--json : For programs}';

    protected $description = 'Puts products together into one';

    /** @throws Refusal */
    public function handle(SingleItems $items, CombineProducts $combine, CombineSure $sure, Accounts $accounts): int
    {
        try {
            $group = $this->group($items);
            $wish = $sure->wish($group);
            $combined = $combine->plan($wish);
            $address = $this->optional('as');
            if ($address !== null) {
                $user =
                    $accounts->withAddress($address) ??
                    throw new Refusal("No account has the address {$address}.", RefusalKind::Missing, 'as');
                $combine->run($user, $wish);
            }
        } catch (CoreException $refused) {
            $this->components->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->option('json')
            ? $this->line(json_encode(self::report($group, $combined->remarks), self::JSON))
            : $this->tell($group, $combined->remarks);

        return self::SUCCESS;
    }

    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /** @throws Refusal */
    private function group(SingleItems $items): ItemGroup
    {
        $codes = array_values($this->argument('product'));
        $groups = $items->groups($codes);
        $group = count($groups) === 1 ? $groups[0] : null;
        if ($group === null || count($group->items) !== count(array_unique($codes))) {
            throw new Refusal(
                'Their names do not say that these are one product. Put them together on the page of single items: there' .
                    ' each is told its values.',
                RefusalKind::Impossible,
            );
        }

        return $group;
    }

    /**
     * @param  list<string>  $remarks
     * @return array<string, mixed>
     */
    private static function report(ItemGroup $group, array $remarks): array
    {
        return [
            'product' => $group->code,
            'name' => $group->name,
            'axes' => $group->values(),
            'items' => array_map(
                fn(PlacedItem $one): array => ['product' => $one->item->code, 'choice' => (object) $one->values],
                $group->items,
            ),
            'sure' => $group->isSure(),
            'doubts' => array_map(fn(GroupDoubt $doubt): string => $doubt->value, $group->doubts),
            'remarks' => $remarks,
        ];
    }

    /** @param  list<string>  $remarks */
    private function tell(ItemGroup $group, array $remarks): void
    {
        $this->line("{$group->code} {$group->name}");
        $this->table(
            ['code', 'name', ...$group->axes],
            array_map(
                fn(PlacedItem $one): array => [
                    $one->item->code,
                    $one->item->name,
                    ...array_map(fn(string $axis): string => $one->values[$axis] ?? '', $group->axes),
                ],
                $group->items,
            ),
        );
        foreach (
            [
                ...array_map(fn(GroupDoubt $doubt): string => __("combine.doubt_{$doubt->value}"), $group->doubts),
                ...$remarks,
            ]
            as $line
        ) {
            $this->line($line);
        }
    }
}
