<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Right $right
 * @property ?bool $axes_folded whether the board's axes are folded to one line; null leaves it to how many there are
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    protected function casts(): array
    {
        return ['right' => Right::class, 'password' => 'hashed', 'axes_folded' => 'boolean'];
    }
}
