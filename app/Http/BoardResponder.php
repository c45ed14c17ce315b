<?php

declare(strict_types=1);

namespace App\Http;

use App\Catalog\ProductLoader;
use App\Catalog\Selection;
use App\Http\Views\BoardView;
use App\Http\Views\TrayView;
use App\Media\PhotoSize;
use App\Models\HistoryEntry;
use App\Models\Product;
use Illuminate\Http\Response;

/** The board after a change: the whole of it, since one change may show anywhere. */
final class BoardResponder
{
    public function __construct(private readonly ProductLoader $loader)
    {
    }

    public function page(BoardRequest $request): Response
    {
        return response()->view('board.page', $this->data($request));
    }

    public function fragment(BoardRequest $request, ?HistoryEntry $entry = null): Response
    {
        return response()->view('board.fragment', $this->data($request) + ['entry' => $entry]);
    }

    public function tray(BoardRequest $request): Response
    {
        return response()->view('board.tray-fragment', $this->data($request));
    }

    /** One picture of the tray, with its reasons and all that can be done with it. */
    public function about(BoardRequest $request, int $placementId): Response
    {
        $data = $this->data($request);
        $row = $data['loaded']->placements[$placementId] ?? abort(404);

        return response()->view('board.about', [
            'product' => $data['product'],
            'card' => $data['tray']->find($row),
            'picture' => $data['board']->pictures->url($row->placement, PhotoSize::Card),
            'selection' => $data['tray']->selection,
            'isLinked' => $data['loaded']->isLinked($row),
        ]);
    }

    /** @return array<string, mixed> */
    private function data(BoardRequest $request): array
    {
        $product = Product::query()->findOrFail($request->product()->id);
        $loaded = $this->loader->load($product);
        $board = new BoardView($loaded, $request->lens(), $request->layers($loaded->matrix));
        $selected = $request->has('selected') ? $request->selected() : $board->firstSelection();
        $selection = Selection::read($selected, $loaded);
        if ($board->hidesAllOf($selection->reach)) {
            $selection = Selection::read($board->firstSelection(), $loaded);
        }

        return ['product' => $product, 'loaded' => $loaded, 'board' => $board, 'tray' => new TrayView($selection, $board->pictures)];
    }
}
