<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A browser in which somebody is signed in.
 *
 * @property string $id
 * @property int $user_id
 * @property string $browser as it names itself
 * @property string $address of the network, as it was last
 * @property ?string $token_hash of the token by which the browser is remembered
 * @property Carbon $created_at
 * @property Carbon $seen_at
 * @property ?Carbon $remembered_until
 * @property ?Carbon $ended_at
 */
final class AccountSession extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'created_at' => 'datetime',
            'seen_at' => 'datetime',
            'remembered_until' => 'datetime',
            'ended_at' => 'datetime',
        ];
    }
}
