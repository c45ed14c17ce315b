<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One act on many products.
 *
 * @property string $id
 * @property int $user_id
 * @property string $act which kind of act
 * @property array<string, ?string> $wanted what it is given
 * @property string $words
 * @property bool $is_whole all or nothing; else as far as possible
 * @property BatchState $state
 * @property Carbon $created_at
 * @property Carbon $beat_at when it went on last
 * @property ?Carbon $ended_at
 * @property User $user
 */
final class Batch extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** When it was begun, on the reader's own clock. */
    public function at(string $format): string
    {
        return $this->created_at->setTimezone(config('slate.readers_zone'))->translatedFormat($format);
    }

    protected function casts(): array
    {
        return [
            'wanted' => 'array',
            'is_whole' => 'boolean',
            'state' => BatchState::class,
            'created_at' => 'datetime',
            'beat_at' => 'datetime',
            'ended_at' => 'datetime',
        ];
    }
}
