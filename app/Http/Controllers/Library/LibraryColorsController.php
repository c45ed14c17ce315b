<?php

declare(strict_types=1);

namespace App\Http\Controllers\Library;

use App\Actions\Library\AddLibraryValues;
use App\Actions\Library\OrderLibraryValues;
use App\Actions\Matrix\SetSwatches;
use App\Http\LibraryRequest;
use App\Http\Person;
use App\Http\Screens\Catalog\LibraryScreen;
use App\Http\Screens\Colors\ColorScreen;
use App\Http\Screens\Colors\SwatchScreen;
use App\Http\Screens\Colors\TriedColor;
use App\Http\SwatchSheetAnswer;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Store\Library\ColorNaming;
use App\Store\Library\LibraryLeads;
use App\Store\Library\LibraryShelf;
use App\Store\Library\SwatchForm;
use App\Store\Library\Usage;
use Core\Color\ColorOrder;
use Core\Color\Swatches\Swatch;
use Core\Color\UnreadableColor;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** The colors of an axis of the library: all its values beside each other. */
final readonly class LibraryColorsController
{
    public function __construct(private LibraryShelf $shelf, private ColorNaming $naming) {}

    public function show(LibraryRequest $request, LibraryAxis $axis): View
    {
        return $this->page($request, $axis);
    }

    /**
     * A value with the color that was tried for it.
     *
     * @throws Refusal
     */
    public function add(LibraryRequest $request, LibraryAxis $axis, AddLibraryValues $action): View
    {
        $swatch =
            $request->swatchForm()?->swatch($this->naming) ??
            throw new Refusal(__('answers.say_which_color_the_new_value'), RefusalKind::Missing, 'colors.0');
        $action->one($request->change(), $axis->id, $request->string('name')->toString(), $swatch);

        return $this->page($request, $axis, true);
    }

    /** @throws Refusal */
    public function order(LibraryRequest $request, LibraryAxis $axis, OrderLibraryValues $action): View
    {
        $by =
            ColorOrder::tryFrom($request->string('by')->toString()) ??
            throw new Refusal(__('answers.say_by_what_the_colors_are'), RefusalKind::Missing, 'by');
        $action->byColor($request->change(), $axis->id, $by);

        return $this->page($request, $axis, true);
    }

    public function fill(LibraryRequest $request, LibraryAxis $axis, SetSwatches $action): View
    {
        $action->fromLeadsOfProducts($request->change(), $axis->id);

        return $this->page($request, $axis, true);
    }

    /** The dialog in which a swatch is made, as it is or as it is being made. */
    public function swatch(
        LibraryRequest $request,
        LibraryValue $value,
        ColorNaming $naming,
        LibraryLeads $leads,
        Usage $usage,
    ): View {
        $screen = new SwatchScreen(
            $value->load('axis'),
            $request->swatchForm() ?? SwatchForm::showing($value->look()),
            $this->shelf->colors($value->axis_id),
            $leads->having($value),
            $naming,
            false,
            null,
            Usage::inWords($usage->ofValue($value->id)),
        );

        return view('colors.swatch', [
            'screen' => $screen,
            'product' => null,
            'keep' => route('library.swatch.set', [$value, 'part' => $request->string('part')]),
            'draft' => route('library.swatch', [$value, 'part' => $request->string('part')]),
        ]);
    }

    public function setSwatch(
        LibraryRequest $request,
        LibraryValue $value,
        SetSwatches $action,
        ColorNaming $naming,
    ): View {
        $swatch = $request->boolean('none') ? null : $request->swatchForm()?->swatch($naming);
        $action->one(
            $request->change(),
            $value->id,
            $swatch,
            seen: $request->has('seen') ? $request->string('seen')->toString() : null,
        );

        return $this->page($request, $this->shelf->axis($value->axis_id), true);
    }

    /** @throws Refusal */
    public function move(LibraryRequest $request, LibraryValue $value, SetSwatches $action): View
    {
        $lab =
            $request->lab() ?? throw new Refusal(__('answers.say_which_color_it_is_to'), RefusalKind::Missing, 'lab');
        $action->one(
            $request->change(),
            $value->id,
            $value->look()?->called($lab->toSrgb()) ?? Swatch::of($lab->toSrgb()),
        );

        return $this->page($request, $this->shelf->axis($value->axis_id), true);
    }

    public function sheet(LibraryRequest $request, LibraryAxis $axis): View
    {
        return view('colors.sheet', [
            'title' => $axis->name,
            'note' => 'The library',
            'screen' => ColorScreen::ofLibrary($this->shelf->colors($axis->id), null, false),
            'svg' => route('library.colors.sheet.svg', $axis),
            'png' => route('library.colors.sheet.png', $axis),
        ]);
    }

    public function sheetSvg(LibraryAxis $axis, SwatchSheetAnswer $sheet): Response
    {
        return $sheet->svg($axis->name, $this->shelf->colors($axis->id));
    }

    public function sheetPng(LibraryAxis $axis, SwatchSheetAnswer $sheet): Response
    {
        return $sheet->png($axis->name, $this->shelf->colors($axis->id));
    }

    private function page(LibraryRequest $request, LibraryAxis $axis, bool $changed = false): View
    {
        $typed = $changed ? '' : trim($request->string('try')->toString());
        $colors = $this->shelf->colors($axis->id);
        [$tried, $problem] = [null, ''];
        try {
            $tried = $typed === '' ? null : TriedColor::of($typed, $this->naming, $colors);
        } catch (UnreadableColor $unreadable) {
            $problem = $unreadable->getMessage();
        }

        return view($changed || $request->hasHeader('HX-Request') ? 'library.fragment' : 'library.page', [
            'library' => app(LibraryScreen::class),
            'part' => $request->string('part')->toString() === 'axis' ? 'axis' : 'colors',
            'axis' => $axis,
            'screen' => ColorScreen::ofLibrary($colors, $request->eyes(), Person::of($request)->can('edit'), $tried),
            'problem' => $problem,
            'typed' => $typed,
        ]);
    }
}
