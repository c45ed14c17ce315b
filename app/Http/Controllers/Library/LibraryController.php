<?php

declare(strict_types=1);

namespace App\Http\Controllers\Library;

use App\Actions\Intake\TeachWord;
use App\Actions\Library\AddLibraryValues;
use App\Actions\Library\CreateAxis;
use App\Actions\Library\EditAxis;
use App\Actions\Library\OrderLibraryValues;
use App\Actions\Library\RemoveFromLibrary;
use App\Actions\Library\RemoveSizeRun;
use App\Actions\Library\SaveSizeRun;
use App\Actions\Matrix\EditValue;
use App\Actions\Product\UndoRedo;
use App\Http\Controllers\Product\ValueController;
use App\Http\LibraryRequest;
use App\Http\Screens\Catalog\LibraryScreen;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Models\SizeRunRecord;
use App\Store\Library\AxisForm;
use App\Store\Library\LibraryShelf;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** The one library: axes, their values, and size runs. */
final class LibraryController
{
    public function __construct(private readonly LibraryShelf $shelf) {}

    public function axes(LibraryRequest $request): View
    {
        return $this->page($request, 'axes');
    }

    public function createAxis(LibraryRequest $request, CreateAxis $action): View
    {
        $action->run($request->change(), $this->axisForm($request));

        return $this->page($request, 'axes', changed: true);
    }

    public function axis(LibraryRequest $request, LibraryAxis $axis): View
    {
        return $this->page($request, 'axis', ['axis' => $axis]);
    }

    public function editAxis(LibraryRequest $request, LibraryAxis $axis, EditAxis $action): View
    {
        $action->run($request->change(), $axis->id, $this->axisForm($request));

        return $this->page($request, 'axis', ['axis' => $this->shelf->axis($axis->id)], changed: true);
    }

    public function removeAxis(LibraryRequest $request, LibraryAxis $axis, RemoveFromLibrary $action): Response
    {
        $action->axis($request->change(), $axis->id);

        return response('', 204, ['HX-Redirect' => route('library')]);
    }

    public function addValues(LibraryRequest $request, LibraryAxis $axis, AddLibraryValues $action): View
    {
        $action->run($request->change(), $axis->id, $request->string('values')->toString());

        return $this->page($request, 'axis', ['axis' => $axis], changed: true);
    }

    public function order(LibraryRequest $request, LibraryAxis $axis, OrderLibraryValues $action): View
    {
        $action->run(
            $request->change(),
            $axis->id,
            array_map(intval(...), explode(',', $request->string('order')->toString())),
        );

        return $this->page($request, 'axis', ['axis' => $axis], changed: true);
    }

    public function value(LibraryRequest $request, LibraryValue $value, LibraryScreen $library): View
    {
        return view('library.value', [
            'value' => $value->load('axis'),
            'usedBy' => $library->valueUsedBy($value),
            'senderWords' => $this->shelf->senderWords($value->id),
        ]);
    }

    public function editValue(LibraryRequest $request, LibraryValue $value, EditValue $action): View
    {
        $action->run(
            $request->change(),
            $value->id,
            ValueController::form($request),
            seen: $request->filled('seen') ? $request->string('seen')->toString() : null,
        );

        return $this->page($request, 'axis', ['axis' => $this->shelf->axis($value->axis_id)], changed: true);
    }

    public function forgetWord(LibraryRequest $request, LibraryValue $value, int $word, TeachWord $action): View
    {
        $action->forget($request->change(), $word);

        return $this->page($request, 'axis', ['axis' => $this->shelf->axis($value->axis_id)], changed: true);
    }

    public function removeValue(LibraryRequest $request, LibraryValue $value, RemoveFromLibrary $action): View
    {
        $axis = $this->shelf->axis($value->axis_id);
        $action->value($request->change(), $value->id);

        return $this->page($request, 'axis', ['axis' => $axis], changed: true);
    }

    public function runs(LibraryRequest $request): View
    {
        return $this->page($request, 'runs');
    }

    public function saveRun(LibraryRequest $request, SaveSizeRun $action, ?SizeRunRecord $run = null): View
    {
        $action->run(
            $request->change(),
            $run?->id,
            $request->string('name')->toString(),
            $request->integer('axis'),
            $request->string('values')->toString(),
        );

        return $this->page($request, 'runs', changed: true);
    }

    public function run(LibraryRequest $request, SizeRunRecord $run, LibraryScreen $library): View
    {
        return view('library.run', ['record' => $run->load('axis.values'), 'run' => $library->run($run)]);
    }

    public function removeRun(LibraryRequest $request, SizeRunRecord $run, RemoveSizeRun $action): View
    {
        $action->run($request->change(), $run->id);

        return $this->page($request, 'runs', changed: true);
    }

    public function undo(LibraryRequest $request, UndoRedo $action): Response
    {
        $action->undo($request->change());

        return response('', 204, ['HX-Refresh' => 'true']);
    }

    public function redo(LibraryRequest $request, UndoRedo $action): Response
    {
        $action->redo($request->change());

        return response('', 204, ['HX-Refresh' => 'true']);
    }

    private function axisForm(LibraryRequest $request): AxisForm
    {
        return AxisForm::typed(
            $request->string('name')->toString(),
            $request->string('kind')->toString(),
            $request->string('display')->toString(),
            $request->boolean('changes_picture'),
            $request->string('translations')->toString(),
        );
    }

    /** @param  array<string, mixed>  $data */
    private function page(LibraryRequest $request, string $part, array $data = [], bool $changed = false): View
    {
        $isPart = $changed || $request->hasHeader('HX-Request');

        return view(
            $isPart ? 'library.fragment' : 'library.page',
            ['library' => app(LibraryScreen::class), 'part' => $part] + $data,
        );
    }
}
