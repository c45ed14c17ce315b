<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Batches\SameForEach;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Models\ShotListRecord;
use App\Store\Library\ViewShelf;
use App\Store\Words\FormattedText;
use Core\Changes\Details\ProductText;
use Core\Changes\Details\SayText;
use Core\Changes\Pictures\FollowShotList;
use Core\Changes\Prices\SetBasePrice;
use Core\Changes\ProductChange;
use Core\Product\LibraryRef;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\NumberReader;

/** Changes one detail of a product: name, description, brand, category, price, shot list. */
final class EditDetails implements SameForEach
{
    public const FIELDS = [
        'name' => 'name',
        'description' => 'description',
        'brand' => 'brand',
        'category' => 'category',
        'price' => 'price',
        'shot_list_id' => 'shot list',
    ];

    public function __construct(private readonly UnitOfWork $work, private readonly ViewShelf $shelf) {}

    /** @param  string|int|null  $value  as typed; of a shot list its id; nothing for none */
    public function run(Change $change, string $field, string|int|null $value): ?HistoryEntry
    {
        return $this->work->change($change, self::class, $this->meant($field, $value));
    }

    /** @throws Refusal */
    public function inWords(array $wanted): string
    {
        [$field, $value] = $this->wanted($wanted);

        return match ($field) {
            'price' => 'Price of the product ' . self::priceInWords((string) $value),
            'shot_list_id' => $value === null
                ? 'No shot list any more'
                : 'Shot list set to ' .
                    (ShotListRecord::query()->whereKey($value)->value('name') ??
                        throw new Refusal(
                            'This shot list is not there any more. Choose another.',
                            RefusalKind::Gone,
                            'value',
                        )),
            default => ucfirst(self::FIELDS[$field]) .
                ' set to “' .
                ProductText::from($field)->read((string) $value) .
                '”',
        };
    }

    public function change(Selection $where, array $wanted): ProductChange
    {
        return $this->meant(...$this->wanted($wanted));
    }

    private function meant(string $field, string|int|null $value): ProductChange
    {
        return match ($field) {
            'price' => new SetBasePrice((string) $value),
            'shot_list_id' => new FollowShotList($this->shotList((int) $value)),
            'description' => new SayText(ProductText::Description, FormattedText::cleaned((string) $value)),
            default => new SayText(ProductText::from($field), (string) $value),
        };
    }

    /** @throws Refusal where it is not there any more */
    private function shotList(int $id): ?LibraryRef
    {
        $list = $id === 0 ? null : $this->shelf->shotListRef($id);

        return $list?->name === ''
            ? throw new Refusal('This shot list is not there any more. Choose another.', RefusalKind::Gone, 'value')
            : $list;
    }

    /** "set to 52", "changed by +10 %", "set to none" */
    public static function priceInWords(string $typed): string
    {
        return match (true) {
            $typed === '' => 'set to none',
            preg_match('/^[+\-−–]|%$/u', $typed) === 1 => "changed by {$typed}",
            default => 'set to ' . NumberReader::read($typed),
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
        if (!in_array($field, ['price', 'brand', 'category', 'shot_list_id'], true)) {
            throw new Refusal('This cannot be changed for many products at once.', RefusalKind::Impossible, 'act');
        }

        return match ($field) {
            'shot_list_id' => [$field, $value === '' ? null : (int) $value],
            'price' => [$field, $value === '' ? null : $value],
            default => [$field, $value],
        };
    }
}
