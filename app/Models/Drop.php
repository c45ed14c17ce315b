<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Files that arrived together in the intake. It is everybody's.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $sender who made or sent them; empty where nobody said
 * @property ?int $product_id where all are of one product
 * @property Carbon $created_at
 * @property User $user
 * @property ?Product $product
 */
final class Drop extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        return $this->belongsTo(Product::class);
    }

    /** When it was begun, on the reader's own clock. */
    public function at(string $format): string
    {
        return $this->created_at->setTimezone(config('slate.readers_zone'))->translatedFormat($format);
    }

    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}
