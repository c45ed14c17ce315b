<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Foundation\Exceptions\Handler;

/**
 * Reports an exception without asking who is signed in. Where the session could not be read because the database was
 * away, the framework's handler finds the person by the browser's remembering cookie, begins a session for them and
 * destroys the one that could not be read: whoever was at work was signed out, and the change on its way was lost.
 * Who it is stands in the log as soon as it is known (App\Http\Middleware\KnownSession).
 */
final class SessionlessExceptionHandler extends Handler
{
    /** @return array<string, mixed> */
    protected function context(): array
    {
        return [];
    }
}
