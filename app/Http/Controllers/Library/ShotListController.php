<?php

declare(strict_types=1);

namespace App\Http\Controllers\Library;

use App\Actions\Intake\TeachWord;
use App\Actions\Library\RemoveShotList;
use App\Actions\Library\RemoveView;
use App\Actions\Library\SaveAltPattern;
use App\Actions\Library\SaveShotList;
use App\Actions\Library\SaveView;
use App\Http\LibraryRequest;
use App\Http\Screens\Catalog\LibraryScreen;
use App\Models\LibraryView;
use App\Models\ShotListRecord;
use App\Store\Library\AltPatterns;
use App\Store\Library\ViewForm;
use Illuminate\Contracts\View\View;

/** What pictures can show, which of it each kind of product needs, and how it is said in words. */
final class ShotListController
{
    public function index(LibraryRequest $request): View
    {
        return $this->page($request->hasHeader('HX-Request'));
    }

    public function view(LibraryRequest $request, LibraryScreen $library, ?LibraryView $view = null): View
    {
        return view('library.view', [
            'view' => $view,
            'pictures' => $view === null ? 0 : $library->picturesByView()[$view->key] ?? 0,
        ]);
    }

    public function saveView(LibraryRequest $request, SaveView $action, ?LibraryView $view = null): View
    {
        $text = fn(string $field): string => $request->string($field)->toString();
        $action->run(
            $request->change(),
            $view?->id,
            ViewForm::typed(
                $text('name'),
                $text('showing'),
                $text('words'),
                $text('loose_words'),
                $text('translations'),
            ),
        );

        return $this->page(true);
    }

    public function removeView(LibraryRequest $request, LibraryView $view, RemoveView $action): View
    {
        $action->run($request->change(), $view->id);

        return $this->page(true);
    }

    public function forgetWord(LibraryRequest $request, int $word, TeachWord $action): View
    {
        $action->forget($request->change(), $word);

        return $this->page(true);
    }

    public function list(LibraryRequest $request, LibraryScreen $library, ?ShotListRecord $list = null): View
    {
        return view('library.shot-list', [
            'list' => $list,
            'shots' => $library->shotsOf($list),
            'usedBy' => $list === null ? '' : $library->shotListUsedBy($list),
        ]);
    }

    public function saveList(LibraryRequest $request, SaveShotList $action, ?ShotListRecord $list = null): View
    {
        $needs = $request->input('need', []);
        $action->run(
            $request->change(),
            $list?->id,
            $request->string('name')->toString(),
            array_map(strval(...), is_array($needs) ? $needs : []),
        );

        return $this->page(true);
    }

    public function removeList(LibraryRequest $request, ShotListRecord $list, RemoveShotList $action): View
    {
        $action->run($request->change(), $list->id);

        return $this->page(true);
    }

    public function texts(LibraryRequest $request): View
    {
        return $this->page($request->hasHeader('HX-Request'), 'texts');
    }

    public function savePattern(LibraryRequest $request, SaveAltPattern $action): View
    {
        $action->run(
            $request->change(),
            $request->string('language')->toString(),
            $request->string('pattern')->toString(),
        );

        return $this->page(true, 'texts');
    }

    private function page(bool $isPart, string $part = 'shots'): View
    {
        return view($isPart ? 'library.fragment' : 'library.page', [
            'library' => app(LibraryScreen::class),
            'part' => $part,
            'patterns' => app(AltPatterns::class),
        ]);
    }
}
