<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Right;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;

/** Tells every view whether who asks may edit. */
final class ShareRights
{
    public function handle(Request $request, Closure $next): Response
    {
        View::share('canEdit', $request->user()?->right->includes(Right::Edit) ?? false);

        return $next($request);
    }
}
