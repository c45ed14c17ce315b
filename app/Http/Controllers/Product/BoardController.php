<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Http\BoardResponder;
use App\Http\Requests\ProductRequest;
use App\Models\Product;
use Illuminate\Http\Response;

final class BoardController
{
    public function __construct(private readonly BoardResponder $board) {}

    public function show(ProductRequest $request): Response
    {
        return $this->board->page($request);
    }

    public function fragment(ProductRequest $request): Response
    {
        return $this->board->fragment($request);
    }

    public function tray(ProductRequest $request): Response
    {
        return $this->board->tray($request);
    }

    public function about(ProductRequest $request, Product $product, int $placement): Response
    {
        return $this->board->about($request, $placement);
    }
}
