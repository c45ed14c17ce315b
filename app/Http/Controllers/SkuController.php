<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SetCode;
use App\Actions\SetPrices;
use App\Actions\SetStock;
use App\Http\BoardRequest;
use App\Http\BoardResponder;
use Illuminate\Http\Response;

final class SkuController
{
    public function __construct(private readonly BoardResponder $board)
    {
    }

    public function price(BoardRequest $request, SetPrices $action): Response
    {
        return $this->board->numbers($request, $action->run($request->change(), $request->selection(), $this->typed($request)));
    }

    public function stock(BoardRequest $request, SetStock $action): Response
    {
        return $this->board->numbers($request, $action->run($request->change(), $request->selection(), $this->typed($request)));
    }

    public function code(BoardRequest $request, SetCode $action): Response
    {
        return $this->board->numbers($request, $action->run($request->change(), $request->selection(), $this->typed($request)));
    }

    private function typed(BoardRequest $request): string
    {
        return mb_substr($request->string('typed')->toString(), 0, 100);
    }
}
