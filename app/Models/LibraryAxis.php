<?php

declare(strict_types=1);

namespace App\Models;

use Core\Matrix\AxisKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string $folded
 * @property AxisKind $kind
 * @property bool $changes_picture
 * @property Collection<int, LibraryValue> $values
 */
final class LibraryAxis extends Model
{
    public $timestamps = false;

    protected $table = 'axes';

    protected $guarded = [];

    /** @return HasMany<LibraryValue, $this> */
    public function values(): HasMany
    {
        return $this->hasMany(LibraryValue::class, 'axis_id')->orderBy('id');
    }

    protected function casts(): array
    {
        return ['kind' => AxisKind::class, 'changes_picture' => 'boolean'];
    }
}
