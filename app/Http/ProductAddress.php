<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Product;
use App\Store\FormerCodes;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;

/** Which product an address is about. One with a code that the product had before leads to where it is now. */
final class ProductAddress
{
    /**
     * What comes from a page that was open meanwhile is answered there: the page learns the address with the answer.
     *
     * @throws ModelNotFoundException where no product has or had the code
     * @throws HttpResponseException a page is to be loaded from its own address
     */
    public static function resolve(string $code, Route $route, Request $request): Product
    {
        $product = FormerCodes::product($code) ?? throw (new ModelNotFoundException())->setModel(Product::class);
        $isFormer = mb_strtolower($product->code) !== mb_strtolower($code);
        if (
            $isFormer &&
            $request->isMethod('GET') &&
            !$request->hasHeader('HX-Request') &&
            $route->getName() !== null
        ) {
            $parameters = ['product' => $product->code] + $route->parameters() + $request->query();

            throw new HttpResponseException(redirect()->route($route->getName(), $parameters));
        }

        return $product;
    }
}
