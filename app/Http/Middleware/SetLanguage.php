<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The interface speaks the language that the browser asks for first, of those that have a folder below lang/. */
final class SetLanguage
{
    public function handle(Request $request, Closure $next): Response
    {
        $usual = config('app.fallback_locale');
        $others = array_diff(array_map(basename(...), glob(lang_path('*'), GLOB_ONLYDIR) ?: []), [$usual]);
        app()->setLocale($request->getPreferredLanguage([$usual, ...$others]) ?? $usual);

        return $next($request);
    }
}
