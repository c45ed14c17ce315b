<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The one library: axes, values and size runs that products share. Its only row counts its versions.
 *
 * @property int $id
 * @property int $version
 */
final class Library extends Model implements HistoryOwner
{
    public $timestamps = false;

    protected $table = 'library';

    protected $guarded = [];

    public static function whole(): self
    {
        return self::query()->findOrFail(1);
    }

    public function keptProductId(): ?int
    {
        return null;
    }

    public function keptName(): string
    {
        return 'The library';
    }

    public function keptVersion(): int
    {
        return $this->version;
    }
}
