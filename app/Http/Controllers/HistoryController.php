<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\UndoRedo;
use App\Http\BoardRequest;
use App\Http\BoardResponder;
use App\Models\HistoryEntry;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

final class HistoryController
{
    private const PAGE = 50;

    public function index(BoardRequest $request): View
    {
        return view('history.index', [
            'product' => $request->product(),
            'entries' => HistoryEntry::with(['user', 'undoer'])->select(['id', 'product_id', 'user_id', 'words', 'created_at', 'undone_at', 'undone_by', 'version'])
                ->where('product_id', $request->product()->id)->latest('id')->paginate(self::PAGE),
        ]);
    }

    public function undo(BoardRequest $request, UndoRedo $action, BoardResponder $board): Response
    {
        return $this->answer($request, $board, $action->undo($request->change()));
    }

    public function redo(BoardRequest $request, UndoRedo $action, BoardResponder $board): Response
    {
        return $this->answer($request, $board, $action->redo($request->change()));
    }

    /** On the board its fragment; on other pages the page is loaded again. */
    private function answer(BoardRequest $request, BoardResponder $board, HistoryEntry $entry): Response
    {
        return $request->boolean('reload') || $request->product()->refresh()->removed_at !== null
            ? response('', 204, ['HX-Refresh' => 'true'])
            : $board->fragment($request, $entry);
    }
}
