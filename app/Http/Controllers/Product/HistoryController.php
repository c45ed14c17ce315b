<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Product\UndoRedo;
use App\History\Timeline;
use App\Http\BoardResponder;
use App\Http\Requests\HistoryRequest;
use App\Http\Screens\Product\ComparisonScreen;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Store\Products\Snapshots;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

final class HistoryController
{
    public function __construct(private readonly Timeline $timeline) {}

    public function index(HistoryRequest $request): View
    {
        $entries = $this->timeline->page($request->product());

        return view('history.index', [
            'product' => $request->product(),
            'entries' => $entries,
            // What can be compared: the two latest are chosen.
            'points' => $entries->getCollection()->whereNull('undone_at')->pluck('id'),
        ]);
    }

    public function library(): View
    {
        return view('history.library', [
            'library' => $this->timeline->library(),
            'entries' => $this->timeline->page($this->timeline->library()),
        ]);
    }

    /**
     * Two points of a product's history; without a later one, the product as it is.
     *
     * @throws Refusal
     */
    public function compare(HistoryRequest $request, Snapshots $snapshots): View
    {
        return view('history.compare', [
            'product' => $request->product(),
            'comparison' => new ComparisonScreen(
                $request->product(),
                $snapshots,
                $this->timeline,
                $request->integer('from') ?:
                throw new Refusal('Choose the point to compare from.', RefusalKind::Missing, 'from'),
                $request->integer('to') ?: null,
            ),
        ]);
    }

    public function undo(HistoryRequest $request, UndoRedo $action, BoardResponder $board): Response
    {
        return $this->answer($request, $board, $action->undo($request->change()));
    }

    public function redo(HistoryRequest $request, UndoRedo $action, BoardResponder $board): Response
    {
        return $this->answer($request, $board, $action->redo($request->change()));
    }

    /** All of one's own changes that came after an entry. */
    public function undoTo(HistoryRequest $request, Product $product, int $entry, UndoRedo $action): Response
    {
        $action->undoTo($request->change(), $entry);

        return response('', 204, ['HX-Refresh' => 'true']);
    }

    /** On the board its fragment; on other pages the page is loaded again. */
    private function answer(HistoryRequest $request, BoardResponder $board, HistoryEntry $entry): Response
    {
        return $request->boolean('reload') || $this->timeline->isRemoved($request->product())
            ? response('', 204, ['HX-Refresh' => 'true'])
            : $board->fragment($request, $entry);
    }
}
