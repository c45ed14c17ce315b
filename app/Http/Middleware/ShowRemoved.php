<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Product;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A product whose making was undone has no board; it has a page with the way back. */
final class ShowRemoved
{
    public function handle(Request $request, Closure $next): Response
    {
        $product = $request->route('product');

        return $product instanceof Product && $product->removed_at !== null
            ? response()->view('board.removed', ['product' => $product], 410)
            : $next($request);
    }
}
