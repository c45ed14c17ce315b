<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Matrix\ArrangeBoard;
use App\Actions\Matrix\ChangeMatrix;
use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Matrix\ReorderValues;
use App\Http\BoardResponder;
use App\Http\Person;
use App\Http\Requests\MatrixRequest;
use App\Http\Screens\Board\PlanScreen;
use App\Http\Screens\Board\RulesScreen;
use App\Http\Screens\Board\SetupScreen;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductLoader;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\OfferCells;
use Core\Matrix\Value;
use Core\Sizes\SizeOrder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

final class MatrixController
{
    public function __construct(private readonly ProductLoader $loader, private readonly BoardResponder $board) {}

    /** The axes as they are, plus what was typed beside a chip row. */
    public function setup(MatrixRequest $request, SetupScreen $setup): View
    {
        $loaded = $this->loader->again($request->product());

        return view(
            'board.setup',
            $setup->from($loaded, $this->opened($request, $loaded), new MatrixChoices())->data(),
        );
    }

    public function plan(MatrixRequest $request, SetupScreen $setup): View
    {
        return view(
            'board.setup',
            $setup->from($this->loader->again($request->product()), $request->rows(), $request->choices())->data(),
        );
    }

    public function build(MatrixRequest $request, ChangeMatrix $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run($request->change(), $request->drafts(), $request->choices()),
        );
    }

    public function leaveOutPlan(MatrixRequest $request, LeaveOutCells $action): View
    {
        $loaded = $this->loader->again($request->product());
        $selection = $loaded->core->selected($request->selection());
        $planned = $action->plan(
            $loaded,
            $request->boolean('again')
                ? OfferCells::again($request->selection(), $request->choices())
                : OfferCells::leaveOut($request->selection(), $request->choices()),
        );

        return view('board.leave-out', [
            'product' => $request->product(),
            'selection' => $selection,
            'plan' => new PlanScreen($loaded, $planned),
            'offerAgain' => $request->boolean('again'),
        ]);
    }

    public function leaveOut(MatrixRequest $request, LeaveOutCells $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run(
                $request->change(),
                $request->boolean('again')
                    ? OfferCells::again($request->selection(), $request->choices())
                    : OfferCells::leaveOut($request->selection(), $request->choices()),
            ),
        );
    }

    /** The left-out rules of the product, and a new one as far as it is chosen. */
    public function rules(MatrixRequest $request, LeaveOutCells $action): View
    {
        $loaded = $this->loader->again($request->product());

        return view('board.rules', [
            'product' => $request->product(),
            'rules' => new RulesScreen($loaded, $action, $request->ruleValues()),
        ]);
    }

    public function leaveOutByRule(MatrixRequest $request, LeaveOutCells $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run(
                $request->change(),
                $request->boolean('again')
                    ? OfferCells::again($request->ruleValues(), $request->choices())
                    : OfferCells::leaveOut($request->ruleValues(), $request->choices()),
            ),
        );
    }

    public function arrange(MatrixRequest $request, ArrangeBoard $action): Response
    {
        $action->run(
            Person::of($request),
            $this->loader->again($request->product()),
            $request->integer('axis'),
            $request->string('place')->toString(),
        );
        $request->request->remove('layer');

        return $this->board->fragment($request);
    }

    public function fold(MatrixRequest $request, ArrangeBoard $action): Response
    {
        $action->fold(Person::of($request), $request->boolean('folded'));

        return $this->board->fragment($request);
    }

    public function reorder(MatrixRequest $request, ReorderValues $action): Response
    {
        $ids = array_map(intval(...), explode(',', $request->string('order')->toString()));

        return $this->board->fragment($request, $action->run($request->change(), $request->integer('axis'), $ids));
    }

    /** @return list<DraftAxis> */
    private function opened(MatrixRequest $request, LoadedProduct $loaded): array
    {
        $drafts = [];
        foreach ($loaded->core->matrix->axes as $axis) {
            if ($axis->id === $request->integer('drop')) {
                continue;
            }
            $values = array_values(
                array_filter($axis->values, fn(Value $value): bool => $value->id !== $request->integer('without')),
            );
            $drafts[] = new DraftAxis(
                $axis->name,
                $request->integer('axis') === $axis->id ? $request->string('add')->toString() : '',
                !(new SizeOrder())->isSorted(array_map(fn(Value $value): string => $value->label, $axis->values)),
                axisId: $axis->id,
                values: array_map(DraftValue::of(...), $values),
                key: "a{$axis->id}",
            );
        }
        foreach ($loaded->core->state->details->facts as $fact) {
            if ($fact->id === $request->integer('fact')) {
                $drafts[] = new DraftAxis($fact->name, $fact->value, key: 'fact');
            }
        }

        return $drafts === [] ? [new DraftAxis('', '', key: 'new')] : $drafts;
    }
}
