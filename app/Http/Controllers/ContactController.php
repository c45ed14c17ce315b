<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\BoardRequest;
use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use Illuminate\Http\Response;

/** All galleries of a product beside each other. */
final readonly class ContactController
{
    public function __construct(private ProductPageResponder $pages)
    {
    }

    public function show(BoardRequest $request): Response
    {
        return $request->hasHeader('HX-Request') ? $this->pages->fragment($request, ProductPage::Contact) : $this->pages->page($request, ProductPage::Contact);
    }
}
