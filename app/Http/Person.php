<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;

/** Who asks. */
final class Person
{
    /** @throws AuthenticationException where nobody is signed in, which no route but that of signing in lets through */
    public static function of(Request $request): User
    {
        return $request->user() ?? throw new AuthenticationException();
    }
}
