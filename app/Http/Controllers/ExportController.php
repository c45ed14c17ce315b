<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\JsonLdDocument;
use App\Files\Packages\PackageWriter;
use App\Files\Sheets\SheetColumns;
use App\Files\Sheets\SheetExport;
use App\Files\Sheets\SheetWriter;
use App\Http\CatalogRequest;
use App\Http\Requests\ProductRequest;
use App\Http\Requests\SheetOutRequest;
use App\Http\Screens\Catalog\CatalogScreen;
use App\Summaries\Lists\ProductList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ExportController
{
    /** A product, or what is selected on its board. */
    public function sheet(ProductRequest $request, SheetExport $export): StreamedResponse
    {
        $selection = $request->selectedKey() === '' ? null : $request->selection();

        return response()->streamDownload(
            fn() => $export->csv($request->product(), 'php://output', $selection),
            $request->product()->code . '.csv',
            ['Content-Type' => 'text/csv; charset=UTF-8'],
        );
    }

    /** What of the catalog is shown, to be chosen as a sheet. */
    public function choose(CatalogRequest $request, CatalogScreen $catalog, ProductList $list): View
    {
        $ids = $this->ids($request, $list);

        return view('catalog.sheet', [
            'page' => $catalog->page($request->asked()),
            'found' => count($ids),
            'columns' => SheetColumns::of($ids)->header(),
        ]);
    }

    public function catalog(
        SheetOutRequest $request,
        CatalogRequest $asked,
        ProductList $list,
        SheetExport $export,
        PackageWriter $package,
    ): StreamedResponse|BinaryFileResponse {
        $ids = $this->ids($asked, $list);
        if ($request->ending() === 'zip') {
            $path = tempnam(sys_get_temp_dir(), 'package');
            $package->write($ids, $path);

            return response()
                ->download($path, 'catalog.zip', ['Content-Type' => 'application/zip'])
                ->deleteFileAfterSend();
        }

        return response()->streamDownload(
            fn() => $export->write(
                $ids,
                SheetWriter::byEnding('php://output', $request->ending()),
                $request->columns(),
            ),
            "products.{$request->ending()}",
        );
    }

    /** @return list<int> */
    private function ids(CatalogRequest $request, ProductList $list): array
    {
        $ids = $list->ids($request->asked());

        return array_values(is_array($ids) ? $ids : iterator_to_array($ids, false));
    }

    public function jsonLd(ProductRequest $request, JsonLdDocument $document): Response
    {
        return response($document->of($request->product()), 200, [
            'Content-Type' => 'application/ld+json',
            'Content-Disposition' => 'attachment; filename="' . $request->product()->code . '.jsonld"',
        ]);
    }
}
