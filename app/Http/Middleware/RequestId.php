<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every request has an id: it is in all lines of the log, also in those of jobs that the request began, and in the
 * answer.
 */
final class RequestId
{
    public const HEADER = 'X-Request-Id';

    public function handle(Request $request, Closure $next): Response
    {
        $given = (string) $request->headers->get(self::HEADER);
        // A proxy may have given it one; nothing else may write into the log.
        $id =
            $request->isFromTrustedProxy() && preg_match('/^[A-Za-z0-9._-]{8,64}$/', $given) === 1
                ? $given
                : (string) Str::ulid();
        Context::add('request', $id);
        $response = $next($request);
        $response->headers->set(self::HEADER, $id);

        return $response;
    }
}
