<?php

declare(strict_types=1);

namespace App\Models;

use Core\Codes\GtinRange;
use Illuminate\Database\Eloquent\Model;

/**
 * Numbers that a company may give to its items.
 *
 * @property int $id
 * @property string $name
 * @property string $folded
 * @property string $prefix
 * @property string $first item reference
 * @property string $last item reference
 */
final class GtinRangeRecord extends Model
{
    public $timestamps = false;

    protected $table = 'gtin_ranges';

    protected $guarded = [];

    public function toCore(): GtinRange
    {
        return GtinRange::typed($this->prefix, $this->first, $this->last);
    }
}
