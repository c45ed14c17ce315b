<?php

declare(strict_types=1);

namespace App\Models;

use App\Ledger\RecordedChanges;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A change in words. The changed rows themselves, which can be many, are in a table of their own.
 *
 * @property int $id
 * @property int $product_id
 * @property int $user_id
 * @property string $action
 * @property string $words
 * @property int $version the product's version that this change made
 * @property ?string $batch entries of one batch are undone together
 * @property Carbon $created_at
 * @property ?Carbon $undone_at
 * @property ?int $undone_after the last entry of all as it was undone
 * @property ?string $undone_with which undo took it back, with others of its batch
 * @property ?int $photo_id the picture that stands for it
 * @property bool $is_final whether the changed rows were let go, so that it can be read but not undone
 * @property User $user
 * @property ?User $undoer
 */
final class HistoryEntry extends Model
{
    public $timestamps = false;

    protected $table = 'history';

    protected $guarded = [];

    /** The changed rows, read part by part. */
    public function rowChanges(): RecordedChanges
    {
        return new RecordedChanges([$this->id]);
    }

    /** When it was, on the reader's own clock. */
    public function at(string $format): string
    {
        return $this->created_at->setTimezone(config('slate.readers_zone'))->translatedFormat($format);
    }

    public function undoneAt(string $format): string
    {
        return $this->undone_at?->setTimezone(config('slate.readers_zone'))->translatedFormat($format) ?? '';
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function undoer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'undone_by');
    }

    protected function casts(): array
    {
        return ['created_at' => 'datetime', 'undone_at' => 'datetime', 'is_final' => 'boolean'];
    }
}
