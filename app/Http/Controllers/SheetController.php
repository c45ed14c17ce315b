<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Intake\ArrangeSheet;
use App\Actions\Intake\FetchAddresses;
use App\Actions\Intake\MendSheet;
use App\Actions\Intake\StartImport;
use App\Files\Sheets\SheetTemplate;
use App\Files\Sheets\SheetWriter;
use App\Http\Person;
use App\Http\Requests\SheetRequest;
use App\Http\Screens\Intake\AddressSums;
use App\Http\Screens\Intake\FieldChoices;
use App\Http\Screens\Intake\SheetScreen;
use App\Intake\Addresses\FetchedPictures;
use App\Intake\Sheets\CellMending;
use App\Intake\Sheets\SheetArrangement;
use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\Verdicts\RejectSheet;
use App\Intake\Sheets\Verdicts\VettedRows;
use App\Models\Sheets\Sheet;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Sheets of the intake: how their columns are read, and what becomes of each row. */
final class SheetController
{
    public function __construct(
        private readonly SheetProducts $products,
        private readonly VettedRows $rows,
        private readonly FetchedPictures $pictures,
    ) {}

    public function show(SheetRequest $request, Sheet $sheet): View
    {
        return view($request->hasHeader('HX-Request') ? 'sheets.rows' : 'sheets.show', [
            'screen' => $this->screen($request, $sheet, isColumns: false),
        ]);
    }

    public function columns(SheetRequest $request, Sheet $sheet, FieldChoices $choices): View
    {
        $screen = $this->screen($request, $sheet, isColumns: true);

        return view($request->hasHeader('HX-Request') ? 'sheets.columns' : 'sheets.show', [
            'screen' => $screen,
            'choices' => $choices->of($screen->columns()),
        ]);
    }

    public function arrange(SheetRequest $request, Sheet $sheet, ArrangeSheet $action): RedirectResponse
    {
        $action->run(
            Person::of($request),
            $sheet,
            new SheetArrangement($request->columns(), $request->shape(), $request->across(), $request->emptyCells()),
        );

        return redirect()->route('sheet', $sheet);
    }

    public function mend(SheetRequest $request, Sheet $sheet, MendSheet $action): View|RedirectResponse
    {
        $mended = $action->run(
            Person::of($request),
            $sheet,
            new CellMending(
                $request->row(),
                $request->text('field'),
                $request->way(),
                $request->text('text'),
                $request->boolean('all'),
            ),
        );

        return $request->hasHeader('HX-Request')
            ? $this->show($request, $mended)
            : redirect()->route('sheet', ['sheet' => $sheet] + $request->only(['verdict', 'kind']));
    }

    public function fetch(Sheet $sheet, Request $request, FetchAddresses $action): RedirectResponse
    {
        $action->run(Person::of($request), $sheet);

        return redirect()->route('sheet', $sheet);
    }

    public function import(SheetRequest $request, Sheet $sheet, StartImport $action): RedirectResponse
    {
        return redirect()->route('batch', $action->run(Person::of($request), $sheet, $request->most()));
    }

    /** What is not taken, to be corrected and brought again. */
    public function rejects(Sheet $sheet, RejectSheet $rejects): StreamedResponse
    {
        return response()->streamDownload(
            fn() => $rejects->write($sheet, SheetWriter::csv('php://output')),
            pathinfo($sheet->name, PATHINFO_FILENAME) . ' rejected.csv',
            ['Content-Type' => 'text/csv; charset=UTF-8'],
        );
    }

    /** An empty sheet with the columns that the shop needs, and what stands in each. */
    public function template(SheetTemplate $template): StreamedResponse
    {
        return response()->streamDownload(fn() => $template->write('php://output'), 'products.csv', [
            'Content-Type' => 'text/csv; charset=UTF-8',
        ]);
    }

    private function screen(SheetRequest $request, Sheet $sheet, bool $isColumns): SheetScreen
    {
        $sheet->load('user');

        return new SheetScreen(
            $sheet,
            $this->products,
            $this->rows,
            $this->rows->page(
                $sheet,
                $isColumns ? null : $request->verdict(),
                $isColumns ? null : $request->kind(),
                $isColumns ? 0 : $request->afterRow(),
            ),
            $request->verdict(),
            $request->kind(),
            new AddressSums($this->pictures->counts($sheet), $this->pictures->reasons($sheet, AddressSums::SHOWN)),
            $isColumns,
        );
    }
}
