<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Requests\ProductRequest;
use App\Http\Screens\Board\BoardScreen;
use App\Http\Screens\Board\NumberCells;
use App\Http\Screens\Board\SumsOfNumbers;
use App\Http\Screens\Board\TrayScreen;
use App\Media\PhotoSize;
use App\Models\HistoryEntry;
use App\Store\Products\BoardArrangement;
use App\Store\Products\ChosenSkusLoader;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductLoader;
use App\Store\ShopDay;
use Core\Matrix\Combination;
use Core\Reach\Selection;
use Core\Reach\TypedSelection;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** The board after a change: the whole of it, since one change may show anywhere. */
final class BoardResponder
{
    /** More cells than this are drawn with the rest of the board. */
    private const FEW = 600;

    public function __construct(
        private readonly ProductLoader $loader,
        private readonly BoardArrangement $arrangement,
        private readonly ChosenSkusLoader $chosen,
        private readonly ProductPageResponder $pages,
    ) {}

    public function page(ProductRequest $request): Response
    {
        return response()->view('board.page', $this->data($request));
    }

    public function fragment(ProductRequest $request, ?HistoryEntry $entry = null): Response
    {
        return $request->page() !== ProductPage::Board
            ? $this->pages->fragment($request, $request->page(), $entry)
            : response()->view(
                'board.fragment',
                $this->data($request, wasChanged: $entry !== null) + ['entry' => $entry],
            );
    }

    /**
     * After a change of the numbers of SKUs: the cells that it was about, and the sums; the whole board where they are
     * many, or where the lens shows something else.
     */
    public function numbers(ProductRequest $request, ?HistoryEntry $entry): Response
    {
        if ($entry === null || $request->lens()->isPhotos()) {
            return $this->fragment($request, $entry);
        }
        $product = $request->product();
        // What a rule says may show in cells that nobody pointed at.
        $chosen = $this->chosen->changed($product->id);
        // What is counted together shows in cells that nobody pointed at.
        if ($chosen === null || count($chosen->skus) > self::FEW || $chosen->book->counting->isShared()) {
            return $this->fragment($request, $entry);
        }
        $cells = new NumberCells($chosen->matrix, $request->lens(), $chosen->prices, $chosen->book, ShopDay::today());

        return response()->view(
            'board.numbers',
            [
                'product' => $product,
                'version' => $entry->version,
                'cells' => array_map($cells->cell(...), $chosen->skus),
                'lens' => $request->lens(),
                'sums' => (new SumsOfNumbers(
                    $chosen->pricesInWords(),
                    $product->currency,
                    $chosen->skus,
                    $chosen->book,
                ))->inWords(),
                'entry' => $entry,
            ],
            200,
            ['HX-Retarget' => '#numbers', 'HX-Reswap' => 'innerHTML'],
        );
    }

    /** Something to decide before a change is made: it opens in the dialog, and the board stays as it is. */
    public function question(View $dialog): Response
    {
        return response($dialog->render(), 200, ['HX-Retarget' => '#dialog-body', 'HX-Reswap' => 'innerHTML']);
    }

    public function tray(ProductRequest $request): Response
    {
        return response()->view('board.tray-fragment', $this->data($request));
    }

    /** One picture of the tray, with its reasons and all that can be done with it. */
    public function about(ProductRequest $request, int $placementId): Response
    {
        $data = $this->data($request);
        /** @var LoadedProduct $loaded */
        $loaded = $data['loaded'];
        $row = $loaded->placements[$placementId] ?? abort(404);

        return response()->view('board.about', [
            'product' => $data['product'],
            'card' => $data['tray']->find($row),
            'picture' => $data['board']->pictures->url($row->placement, PhotoSize::Card),
            'selection' => $data['tray']->selection,
            'isLinked' => $loaded->isLinked($row),
        ]);
    }

    /**
     * @param  bool  $wasChanged  by this very request
     * @return array<string, mixed>
     */
    private function data(ProductRequest $request, bool $wasChanged = false): array
    {
        $loaded = $wasChanged ? $this->loader->changed($request->product()) : $this->loader->again($request->product());
        $layout = $this->arrangement->layout(Person::of($request), $loaded->core->matrix);
        $layers = $request->has('layer')
            ? $request->layers($loaded->core->matrix)
            : $layout->firstLayers($loaded->core->matrix);
        $board = new BoardScreen(
            $loaded,
            $layout,
            $request->lens(),
            array_diff_key($layers, array_flip([$layout->down->id ?? 0, $layout->across->id ?? 0])),
        );
        $selected = match (true) {
            $request->filled('find') => $this->found($request->string('find')->toString(), $loaded, $board),
            $request->has('selected') => $request->selectedKey(),
            default => $board->firstSelection(),
        };
        $part = $loaded->core->selected(Selection::fromKey($selected));
        if ($board->hidesAllOf($part->reach)) {
            $selected = $board->firstSelection();
            $part = $loaded->core->selected(Selection::fromKey($selected));
        }

        return [
            'product' => $loaded->product,
            'loaded' => $loaded,
            'folded' => $this->arrangement->isFolded(Person::of($request), $loaded->core->matrix),
            'board' => $board,
            'tray' => new TrayScreen($loaded, $part, $selected, $board->pictures),
        ];
    }

    /** The part of the matrix whose values, or whose SKU's code, were typed. */
    private function found(string $typed, LoadedProduct $loaded, BoardScreen $board): string
    {
        foreach ($loaded->core->made as $sku) {
            if (Name::of($sku->code)->is(Name::of($typed))) {
                return Selection::at($sku->cell)->key();
            }
        }
        $reach = (new TypedSelection())->read($typed, $loaded->core->matrix, $loaded->core->library->synonyms);
        if ($board->hidesAllOf($reach)) {
            throw new Refusal(
                __('answers.matrix_lies_in_layers_that_are', [
                    'matrix' => ucfirst((new Wording())->say($reach, $loaded->core->matrix)),
                ]),
                RefusalKind::Impossible,
                'find',
            );
        }

        return implode(';', array_map(fn(Combination $part): string => $part->key, $reach->clauses[0]->parts()));
    }
}
