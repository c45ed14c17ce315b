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
 * @property string $code
 * @property ?string $swatch one color "#5f7049", or two or three joined by "/"
 * @property LibraryAxis $axis
 */
final class LibraryValue extends Model
{
    public $timestamps = false;

    protected $table = 'axis_values';

    protected $guarded = [];

    /** @return BelongsTo<LibraryAxis, $this> */
    public function axis(): BelongsTo
    {
        return $this->belongsTo(LibraryAxis::class, 'axis_id');
    }
}
