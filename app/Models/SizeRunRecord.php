<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $axis_id
 * @property string $name
 * @property string $folded
 * @property list<int> $value_ids in order
 * @property LibraryAxis $axis
 */
final class SizeRunRecord extends Model
{
    public $timestamps = false;

    protected $table = 'size_runs';

    protected $guarded = [];

    /** @return BelongsTo<LibraryAxis, $this> */
    public function axis(): BelongsTo
    {
        return $this->belongsTo(LibraryAxis::class, 'axis_id');
    }

    protected function casts(): array
    {
        return ['value_ids' => 'array'];
    }
}
