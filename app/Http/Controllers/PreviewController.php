<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalog\ProductLoader;
use App\Http\BoardRequest;
use App\Http\Views\PreviewView;
use Illuminate\Contracts\View\View;

final class PreviewController
{
    public function show(BoardRequest $request, ProductLoader $loader): View
    {
        $preview = new PreviewView($loader->load($request->product()), (string) $request->query('choice', ''), $request->query('width') === 'phone');

        return view($request->hasHeader('HX-Request') ? 'preview.shop' : 'preview.page', ['product' => $request->product(), 'preview' => $preview]);
    }
}
