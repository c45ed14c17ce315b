<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $code
 * @property string $name
 * @property string $description
 * @property string $brand
 * @property string $category
 * @property string $currency
 * @property ?string $price the price of every SKU that has none of its own
 * @property ?int $shot_list_id
 * @property ?int $code_pattern_id null for the usual one
 * @property string $shots where it differs from its shot list, as ViewShelf encodes it
 * @property list<array<int, list<int>>> $left_out clauses
 * @property ?string $opening_cell key of the SKU's cell that shoppers see first; null: the first in stock
 * @property int $version
 * @property int $revision goes up with every change, also with those that leave the version as it is
 * @property bool $is_counted whether its summary is of this revision
 * @property ?Carbon $removed_at set while the making of the product is undone, or while it is a part of another
 * @property ?int $part_of_id the product that it was put together into
 * @property ?Carbon $created_at
 * @property Carbon $updated_at
 */
final class Product extends Model implements HistoryOwner
{
    protected $guarded = [];

    public function getRouteKeyName(): string
    {
        return 'code';
    }

    public function keptProductId(): int
    {
        return $this->id;
    }

    public function keptName(): string
    {
        return $this->name;
    }

    /** What tells it from a product of another catalog, on its slate cards: when it was made, in seconds. */
    public function seal(): int
    {
        return (int) $this->created_at?->getTimestamp();
    }

    public function keptVersion(): int
    {
        return $this->version;
    }

    /** @param  Builder<self>  $query */
    public function scopeStanding(Builder $query): void
    {
        $query->whereNull('removed_at');
    }

    protected function casts(): array
    {
        return [
            'left_out' => 'array',
            'version' => 'integer',
            'revision' => 'integer',
            'is_counted' => 'boolean',
            'removed_at' => 'datetime',
        ];
    }
}
