<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Batches\StartBatch;
use App\Actions\Pictures\ChangePictures;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Http\CatalogRequest;
use App\Http\Person;
use App\Http\Screens\Catalog\CatalogScreen;
use App\Http\Screens\Pictures\BulkPictureScreen;
use App\Intake\StoredPictures;
use App\Intake\StoredQuery;
use App\Store\Library\ViewShelf;
use App\Summaries\Lists\ProductList;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** One picture in chosen values of many products: before and after, then all of it in one act. */
final readonly class BulkPictureController
{
    /** Products that are shown before and after. */
    private const SHOWN = 20;

    /** Stored pictures that are offered in its place. */
    private const OFFERED = 18;

    public function __construct(
        private ProductList $list,
        private CatalogScreen $catalog,
        private StoredPictures $stored,
        private ViewShelf $views,
    ) {}

    public function form(CatalogRequest $request, ChangePictures $action, BulkPictureScreen $screen): View
    {
        $wanted = $request->wantedPicture();
        $ids = [];
        foreach ($this->list->ids($request->asked()) as $id) {
            if (count($ids) === self::SHOWN) {
                break;
            }
            $ids[] = $id;
        }
        [$bulk, $problem] = [null, ''];
        try {
            $bulk = $action->meant($wanted);
        } catch (Refusal $refused) {
            $problem = $refused->getMessage();
        }

        return view('batches.pictures', [
            'page' => $this->catalog->page($request->asked(), 'bulk.pictures'),
            'found' => $this->list->count($request->asked()),
            'wanted' => $wanted,
            'given' => array_filter($wanted),
            'views' => $this->views->views()->all,
            'problem' => $problem,
            'rows' => $bulk === null ? [] : $screen->rows($bulk, $ids),
            'words' => $bulk?->inWords(),
            'others' => array_slice(
                $this->stored->find(new StoredQuery((string) ($wanted['find'] ?? ''))),
                0,
                self::OFFERED,
            ),
        ]);
    }

    public function store(CatalogRequest $request, StartBatch $action): RedirectResponse
    {
        return redirect()->route(
            'batch',
            $action->run(
                Person::of($request),
                new BatchOrder(
                    ChangePictures::NAME,
                    $request->wantedPicture(),
                    BatchMode::of($request->input('mode') === 'all'),
                    Selection::whole(),
                ),
                $this->list->ids($request->asked()),
            ),
        );
    }
}
