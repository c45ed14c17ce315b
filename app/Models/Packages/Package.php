<?php

declare(strict_types=1);

namespace App\Models\Packages;

use App\Models\DropFile;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A package that arrived in the intake. It is everybody's.
 *
 * @property int $id
 * @property int $user_id
 * @property ?int $drop_file_id
 * @property string $name
 * @property PackageState $state
 * @property string $failure
 * @property array<string, list<array{int, array<string, string>}>> $library by table: number of the line, cells by
 * column
 * @property int $products
 * @property int $through up to which product it is looked at
 * @property Carbon $created_at
 * @property Carbon $beat_at
 * @property User $user
 * @property ?DropFile $file
 */
final class Package extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<DropFile, $this> */
    public function file(): BelongsTo
    {
        return $this->belongsTo(DropFile::class, 'drop_file_id');
    }

    /** When it came, on the reader's own clock. */
    public function at(string $format): string
    {
        return $this->created_at->setTimezone(config('slate.readers_zone'))->translatedFormat($format);
    }

    protected function casts(): array
    {
        return [
            'state' => PackageState::class,
            'library' => 'array',
            'created_at' => 'datetime',
            'beat_at' => 'datetime',
        ];
    }
}
