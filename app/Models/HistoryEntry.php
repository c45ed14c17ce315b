<?php

declare(strict_types=1);

namespace App\Models;

use App\Ledger\RowChange;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $product_id
 * @property int $user_id
 * @property string $action
 * @property string $words
 * @property int $version the product's version that this change made
 * @property ?string $batch entries of one batch are undone together
 * @property string $packed the row changes, as pack() makes them
 * @property Carbon $created_at
 * @property ?Carbon $undone_at
 * @property ?int $undone_after the last entry of all as it was undone
 * @property ?string $undone_with which undo took it back, with others of its batch
 * @property ?int $photo_id the picture that stands for it
 * @property User $user
 * @property ?User $undoer
 */
final class HistoryEntry extends Model
{
    /** All but the changed rows themselves, which can be large: what lists and single lines show. */
    public const LISTED = ['id', 'product_id', 'user_id', 'action', 'words', 'version', 'batch', 'photo_id', 'created_at', 'undone_at', 'undone_by', 'undone_after', 'undone_with'];

    public $timestamps = false;

    protected $table = 'history';

    protected $guarded = [];

    /** @param  list<RowChange>  $changes */
    public static function pack(array $changes): string
    {
        return (string) gzdeflate((string) json_encode($changes, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    /** @return list<RowChange> read now where the entry was read without them */
    public function rowChanges(): array
    {
        $packed = $this->attributes['packed'] ?? self::query()->whereKey($this->id)->value('packed');
        /** @var list<array{table: string, id: int, before: array<string, mixed>|null, after: array<string, mixed>|null}> $rows */
        $rows = json_decode((string) gzinflate((string) $packed), true, 64, JSON_THROW_ON_ERROR);

        return array_map(fn (array $row): RowChange => new RowChange($row['table'], $row['id'], $row['before'], $row['after']), $rows);
    }

    /** When it was, on the reader's own clock. */
    public function at(string $format): string
    {
        return $this->created_at->setTimezone(config('slate.readers_zone'))->format($format);
    }

    public function undoneAt(string $format): string
    {
        return $this->undone_at?->setTimezone(config('slate.readers_zone'))->format($format) ?? '';
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
        return ['created_at' => 'datetime', 'undone_at' => 'datetime'];
    }
}
