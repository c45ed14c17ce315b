<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was done to an account, by whom; nobody where it was done on the command line.
 *
 * @property int $id
 * @property int $account_id
 * @property ?int $user_id
 * @property string $words
 * @property Carbon $created_at
 * @property ?User $user
 */
final class AccountNote extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}
