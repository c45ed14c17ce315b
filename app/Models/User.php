<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password hashed
 * @property Right $right
 * @property bool $password_is_temporary somebody else made it, so its owner chooses another first
 * @property int $sessions_ended how often a session of the account was ended: a session that knows the number goes on
 * @property ?Carbon $password_until when a password that somebody else made ends
 * @property ?string $zone the time zone that times are shown in; null leaves it to the browser
 * @property ?string $language the language tag that previews open in
 * @property ?Carbon $signed_in_at
 * @property ?Carbon $closed_at
 * @property ?bool $axes_folded whether the board's axes are folded to one line; null leaves it to how many there are
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    protected $hidden = ['password'];

    /** What an account's page showed, to tell whether somebody changed it meanwhile. */
    public function seen(): string
    {
        return RowFingerprint::of($this->name, $this->email, $this->right->value, $this->closed_at?->getTimestamp());
    }

    /** Browsers are remembered by their sessions (AccountSession), not by the framework. */
    public function getRememberTokenName(): string
    {
        return '';
    }

    protected function casts(): array
    {
        return [
            'right' => Right::class,
            'password' => 'hashed',
            'password_is_temporary' => 'boolean',
            'sessions_ended' => 'integer',
            'password_until' => 'datetime',
            'signed_in_at' => 'datetime',
            'closed_at' => 'datetime',
            'axes_folded' => 'boolean',
        ];
    }
}
