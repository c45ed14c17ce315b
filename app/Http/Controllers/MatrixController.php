<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeMatrix;
use App\Actions\EditValue;
use App\Actions\LeaveOutCells;
use App\Actions\MatrixChoices;
use App\Actions\Refused;
use App\Actions\ReorderValues;
use App\Catalog\DraftAxis;
use App\Catalog\ProductLoader;
use App\Catalog\Selection;
use App\Http\BoardRequest;
use App\Http\BoardResponder;
use App\Http\Views\SetupView;
use App\Models\LibraryValue;
use App\Models\Product;
use Core\Matrix\Name;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

final class MatrixController
{
    public function __construct(
        private readonly ProductLoader $loader,
        private readonly BoardResponder $board,
    ) {
    }

    /** The axes as they are, plus what was typed beside a chip row. */
    public function setup(BoardRequest $request, SetupView $setup): View
    {
        $loaded = $this->loader->load($request->product());

        return view('board.setup', $setup->from($loaded, $this->opened($request, $loaded), new MatrixChoices())->data());
    }

    public function plan(BoardRequest $request, SetupView $setup): View
    {
        return view('board.setup', $setup->from($this->loader->load($request->product()), $this->drafts($request), $this->choices($request))->data());
    }

    public function build(BoardRequest $request, ChangeMatrix $action): Response
    {
        return $this->board->fragment($request, $action->run($request->change(), $this->drafts($request), $this->choices($request)));
    }

    public function leaveOutPlan(BoardRequest $request, LeaveOutCells $action): View
    {
        $selection = Selection::read($request->selected(), $this->loader->load($request->product()));
        $offerAgain = $request->boolean('again');

        return view('board.leave-out', [
            'product' => $request->product(),
            'selection' => $selection,
            'planned' => $action->plan($selection, $offerAgain),
            'offerAgain' => $offerAgain,
        ]);
    }

    public function leaveOut(BoardRequest $request, LeaveOutCells $action): Response
    {
        return $this->board->fragment($request, $action->run($request->change(), $request->selected(), $request->boolean('again')));
    }

    public function reorder(BoardRequest $request, ReorderValues $action): Response
    {
        $ids = array_map(intval(...), explode(',', $request->string('order')->toString()));

        return $this->board->fragment($request, $action->run($request->change(), $request->integer('axis'), $ids));
    }

    public function value(BoardRequest $request, Product $product, LibraryValue $value, SetupView $setup): View
    {
        return view('board.value', ['product' => $product, 'value' => $value->load('axis'), 'usedBy' => $setup->productsUsing($value)]);
    }

    public function editValue(BoardRequest $request, Product $product, LibraryValue $value, EditValue $action): Response
    {
        $swatch = $request->boolean('no_swatch') ? null : $request->string('swatch')->toString();
        if ($swatch !== null && preg_match('/^#[0-9a-f]{6}(\/#[0-9a-f]{6}){0,2}$/i', $swatch) !== 1) {
            throw new Refused("“{$swatch}” is not a color. Choose one, such as #5f7049.");
        }

        return $this->board->fragment($request, $action->run(
            $request->change(),
            $value->id,
            $request->string('name')->toString(),
            strtoupper($request->string('code')->trim()->toString()),
            $swatch,
        ));
    }

    /** @return list<DraftAxis> */
    private function opened(BoardRequest $request, \App\Catalog\LoadedProduct $loaded): array
    {
        $added = $request->string('add')->toString();
        $removed = $request->integer('without');
        $drafts = [];
        foreach ($loaded->matrix->axes as $axis) {
            $labels = [];
            foreach ($axis->values as $value) {
                if ($value->id !== $removed) {
                    $labels[] = $value->label;
                }
            }
            $sorted = (new \Core\Sizes\SizeOrder())->isSorted(array_map(fn ($value): string => $value->label, $axis->values));
            if ($request->integer('axis') === $axis->id && $added !== '') {
                $labels[] = $added;
            }
            $drafts[] = new DraftAxis($axis->name, implode(', ', $labels), ! $sorted);
        }
        if ($drafts === []) {
            $drafts[] = new DraftAxis('', '');
        }

        return $drafts;
    }

    /** @return list<DraftAxis> */
    private function drafts(BoardRequest $request): array
    {
        /** @var array<array{name?: ?string, values?: ?string, dragged?: ?string, pictures?: ?string}> $rows */
        $rows = $request->input('axes', []);

        return DraftAxis::fromForm(array_values($rows));
    }

    private function choices(BoardRequest $request): MatrixChoices
    {
        $homes = [];
        foreach ($request->input('homes', []) as $axis => $label) {
            $homes[Name::of((string) $axis)->folded] = (string) $label;
        }

        return new MatrixChoices($homes, array_map(intval(...), $request->input('survivors', [])), $request->boolean('stock_adds_up'));
    }
}
