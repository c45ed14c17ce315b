<?php

declare(strict_types=1);

namespace App\Http\Controllers\Library;

use App\Actions\Library\SaveCodePattern;
use App\Actions\Library\SaveGtinRange;
use App\Http\LibraryRequest;
use App\Http\Screens\Catalog\CodesScreen;
use App\Http\Screens\Catalog\LibraryScreen;
use App\Models\CodePatternRecord;
use App\Models\GtinRangeRecord;
use App\Store\Library\CodePatternForm;
use App\Store\Library\GtinRangeForm;
use Core\Codes\CodePattern;
use Core\CoreException;
use Illuminate\Contracts\View\View;

/** How the codes of SKUs are put together, and which GTINs can be given. */
final class LibraryCodesController
{
    public function index(LibraryRequest $request): View
    {
        return $this->page($request->hasHeader('HX-Request'));
    }

    public function pattern(LibraryRequest $request, ?CodePatternRecord $pattern = null): View
    {
        return $this->form($pattern, $pattern?->toCore(), $pattern->name ?? '', '');
    }

    /** The same form with what its pattern would make now. */
    public function draft(LibraryRequest $request, ?CodePatternRecord $pattern = null): View
    {
        try {
            [$wanted, $problem] = [$this->typed($request), ''];
        } catch (CoreException $refused) {
            [$wanted, $problem] = [null, $refused->getMessage()];
        }

        return $this->form($pattern, $wanted, $request->string('name')->toString(), $problem, [
            $this->list($request, 'kinds'),
            $this->list($request, 'texts'),
            $request->string('separator')->toString(),
            $request->string('letters')->toString(),
            $request->string('longest')->toString(),
        ]);
    }

    public function save(LibraryRequest $request, SaveCodePattern $action, ?CodePatternRecord $pattern = null): View
    {
        $action->run($request->change(), $pattern?->id, $request->string('name')->toString(), $this->typed($request));

        return $this->page(true);
    }

    public function remove(LibraryRequest $request, CodePatternRecord $pattern, SaveCodePattern $action): View
    {
        $action->remove($request->change(), $pattern->id);

        return $this->page(true);
    }

    public function saveRange(LibraryRequest $request, SaveGtinRange $action, ?GtinRangeRecord $range = null): View
    {
        $text = fn(string $field): string => $request->string($field)->limit(60, '')->toString();
        $action->run(
            $request->change(),
            $range?->id,
            new GtinRangeForm($text('name'), $text('prefix'), $text('first'), $text('last')),
        );

        return $this->page(true);
    }

    public function removeRange(LibraryRequest $request, GtinRangeRecord $range, SaveGtinRange $action): View
    {
        $action->remove($request->change(), $range->id);

        return $this->page(true);
    }

    private function typed(LibraryRequest $request): CodePattern
    {
        return CodePatternForm::read(
            $this->list($request, 'kinds'),
            $this->list($request, 'texts'),
            $request->string('separator')->toString(),
            $request->string('letters')->toString(),
            $request->string('longest')->toString(),
        );
    }

    /** @return list<string> */
    private function list(LibraryRequest $request, string $field): array
    {
        $given = $request->input($field, []);

        return is_array($given)
            ? array_values(array_map(strval(...), array_slice($given, 0, CodePattern::MOST_PARTS)))
            : [];
    }

    /**
     * @param  ?array{list<string>, list<string>, string, string, string}  $typed  as it stands in the form; null as it
     *   is stored
     */
    private function form(
        ?CodePatternRecord $record,
        ?CodePattern $pattern,
        string $name,
        string $problem,
        ?array $typed = null,
    ): View {
        $stored = $record?->toCore() ?? CodePattern::usual();
        $codes = app(CodesScreen::class);

        return view('library.code-pattern', [
            'record' => $record,
            'codes' => $codes,
            'name' => $name,
            'problem' => $problem,
            'example' => $problem !== '' ? '' : $codes->example($pattern ?? $stored),
            'rows' => $typed === null ? $codes->rows($stored) : $codes->rowsOf($typed[0], $typed[1]),
            'separator' => $typed[2] ?? $stored->separator,
            'letters' => $typed[3] ?? $stored->letters->value,
            'longest' => $typed[4] ?? (string) $stored->longest,
            'users' => $record === null ? 0 : $codes->users($record),
        ]);
    }

    private function page(bool $isPart): View
    {
        return view($isPart ? 'library.fragment' : 'library.page', [
            'library' => app(LibraryScreen::class),
            'part' => 'codes',
            'codes' => app(CodesScreen::class),
        ]);
    }
}
