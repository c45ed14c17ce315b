<?php

declare(strict_types=1);

namespace App\Actions;

use App\Batches\Act;
use App\Catalog\FormattedText;
use App\Catalog\LoadedProduct;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\ShotListRecord;
use App\Store\Amounts;
use Core\Pricing\PriceChange;
use Core\Pricing\UnreadablePrice;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\NumberReader;

/** Changes one detail of a product: name, description, brand, category, price, shot list. */
final class EditDetails implements Act
{
    public const FIELDS = ['name' => 'name', 'description' => 'description', 'brand' => 'brand', 'category' => 'category', 'price' => 'price', 'shot_list_id' => 'shot list'];

    public const MOST_BRAND = 80;

    public const MOST_CATEGORY = 200;

    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  string|int|null  $value  a price as typed */
    public function run(Change $change, string $field, string|int|null $value): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($field, $value): string {
            $value = $field === 'description' ? FormattedText::cleaned((string) $value) : $value;
            $change = PriceChange::typed($field === 'price' ? (string) $value : '', $loaded->prices->currency);
            $price = $change->withoutEnding($loaded->prices->base);
            if ($price === null && $change->isOfWhatIs()) {
                throw UnreadablePrice::nothingToRaise();
            }
            $ledger->update('products', [$loaded->product->id => [$field => $field === 'price' ? Amounts::stored($price) : $value]]);

            return match ($field) {
                'price' => 'Price of the product '.($change->isOfWhatIs() ? "{$change->inWords()} to " : 'set to ')
                    .($price?->shown() ?? 'none').' (was '.($loaded->prices->base?->shown() ?? 'none').')',
                'name', 'brand', 'category' => ucfirst(self::FIELDS[$field])." set to “{$value}” (was “{$loaded->product->{$field}}”)",
                default => 'Changed the '.self::FIELDS[$field].' of the product',
            };
        });
    }

    public function inWords(array $wanted): string
    {
        [$field, $value] = $this->wanted($wanted);

        return match ($field) {
            'price' => 'Price of the product '.self::priceInWords((string) $value),
            'shot_list_id' => $value === null ? 'No shot list any more' : 'Shot list set to '.(ShotListRecord::query()->whereKey($value)->value('name') ?? throw new Refusal('This shot list is not there any more. Choose another.', RefusalKind::Gone, 'value')),
            default => ucfirst(self::FIELDS[$field])." set to “{$value}”",
        };
    }

    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry
    {
        return $this->run($change, ...$this->wanted($wanted));
    }

    /** "set to 52", "changed by +10 %", "set to none" */
    public static function priceInWords(string $typed): string
    {
        return match (true) {
            $typed === '' => 'set to none',
            preg_match('/^[+\-−–]|%$/u', $typed) === 1 => "changed by {$typed}",
            default => 'set to '.NumberReader::read($typed),
        };
    }

    /**
     * @param  array<string, ?string>  $wanted
     * @return array{string, string|int|null}
     */
    private function wanted(array $wanted): array
    {
        $field = (string) ($wanted['field'] ?? '');
        $value = trim((string) ($wanted['value'] ?? ''));
        if (! in_array($field, ['price', 'brand', 'category', 'shot_list_id'], true)) {
            throw new Refusal('This cannot be changed for many products at once.', RefusalKind::Impossible, 'act');
        }
        if (mb_strlen($value) > ($field === 'brand' ? self::MOST_BRAND : self::MOST_CATEGORY)) {
            throw new Refusal('That is longer than this field can hold.', RefusalKind::Unreadable, 'value');
        }

        return match ($field) {
            'shot_list_id' => [$field, $value === '' ? null : (int) $value],
            'price' => [$field, $value === '' ? null : $value],
            default => [$field, $value],
        };
    }
}
