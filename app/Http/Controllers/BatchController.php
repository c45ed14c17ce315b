<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Batches\StartBatch;
use App\Actions\Batches\SteerBatch;
use App\Batches\BatchList;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Batches\BulkOperations;
use App\Batches\OfferedOperation;
use App\Http\BatchRequest;
use App\Http\CatalogRequest;
use App\Http\Person;
use App\Http\Screens\Catalog\BatchScreen;
use App\Http\Screens\Catalog\CatalogScreen;
use App\Models\BatchProductState;
use App\Store\Library\LibraryShelf;
use App\Summaries\Lists\ProductList;
use Core\Reach\Selection;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class BatchController
{
    public function __construct(private readonly BatchList $batches, private readonly BulkOperations $operations) {}

    public function index(): View
    {
        $page = $this->batches->page();

        return view('batches.index', [
            'batches' => $page,
            'counts' => array_map(
                fn(array $counts): array => [...$counts, 'all' => array_sum($counts)],
                $this->batches->counts(array_values($page->pluck('id')->all())),
            ),
        ]);
    }

    /** What is to be changed of the products that the catalog shows. */
    public function form(
        CatalogRequest $request,
        CatalogScreen $catalog,
        ProductList $list,
        LibraryShelf $library,
    ): View {
        return view('batches.form', [
            'page' => $catalog->page($request->asked()),
            'found' => $list->count($request->asked()),
            'axes' => $library->axes(),
            'whats' => collect($this->operations->offered)->mapWithKeys(
                fn(OfferedOperation $one): array => [$one->key() => __("batches.what_{$one->key()}")],
            ),
        ]);
    }

    public function store(
        BatchRequest $request,
        CatalogRequest $asked,
        ProductList $list,
        StartBatch $action,
    ): RedirectResponse {
        $batch = $action->run(
            Person::of($request),
            new BatchOrder($request->act(), $request->wanted(), BatchMode::of($request->isWhole()), Selection::whole()),
            $list->ids($asked->asked()),
        );

        return redirect()->route('batch', $batch);
    }

    public function show(BatchRequest $request, string $batch): View
    {
        $found = $this->batches->named($batch);
        $counts = $this->batches->counts([$batch])[$batch];
        $shown =
            $request->shown() ??
            match (true) {
                isset($counts[BatchProductState::Refused->value]) => BatchProductState::Refused,
                isset($counts[BatchProductState::Stands->value]) => BatchProductState::Stands,
                isset($counts[BatchProductState::Undone->value]) => BatchProductState::Undone,
                default => BatchProductState::Changed,
            };
        $screen = new BatchScreen(
            $found,
            $counts,
            $shown,
            $this->batches->products($batch, $shown, $request->afterProduct()),
            $found->user_id === Person::of($request)->id && Person::of($request)->can('edit'),
        );

        return view($request->hasHeader('HX-Request') ? 'batches.state' : 'batches.show', ['screen' => $screen]);
    }

    public function steer(Request $request, string $batch, string $way, SteerBatch $action): RedirectResponse
    {
        $user = Person::of($request);
        match ($way) {
            'stop' => $action->stop($user, $batch),
            'go-on' => $action->goOn($user, $batch),
            'undo' => $action->undo($user, $batch),
            'redo' => $action->redo($user, $batch),
            'again' => $action->tryAgain($user, $batch),
            default => abort(404),
        };

        return redirect()->route('batch', $batch);
    }
}
