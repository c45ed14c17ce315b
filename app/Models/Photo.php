<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $sha256
 * @property string $type file ending, by content
 * @property int $bytes
 * @property int $width
 * @property int $height
 * @property ?int $duration_ms of a film
 * @property PhotoState $state
 * @property ?string $failure why it has no sizes, for a person
 * @property ?int $read_milliseconds what it took to make them
 * @property ?int $read_kilobytes
 */
final class Photo extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['state' => PhotoState::class];
    }
}
