<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\JsonLdDocument;
use App\Files\Sheets\SheetExport;
use App\Http\Requests\ProductRequest;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ExportController
{
    public function sheet(ProductRequest $request, SheetExport $export): StreamedResponse
    {
        return response()->streamDownload(
            fn() => $export->csv($request->product(), 'php://output'),
            $request->product()->code . '.csv',
            ['Content-Type' => 'text/csv; charset=UTF-8'],
        );
    }

    public function jsonLd(ProductRequest $request, JsonLdDocument $document): Response
    {
        return response($document->of($request->product()), 200, [
            'Content-Type' => 'application/ld+json',
            'Content-Disposition' => 'attachment; filename="' . $request->product()->code . '.jsonld"',
        ]);
    }
}
