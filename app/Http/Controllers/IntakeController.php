<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Intake\AcceptFiles;
use App\Actions\Intake\OpenDrop;
use App\Actions\Intake\ReceivePart;
use App\Actions\Intake\SayOfFiles;
use App\Actions\Intake\SetAside;
use App\Actions\Intake\TeachWord;
use App\Actions\Intake\UndoAccepted;
use App\Actions\Pictures\ReadPhotosAgain;
use App\Http\IntakeRequest;
use App\Http\Person;
use App\Http\Screens\Intake\BetterPair;
use App\Http\Screens\Intake\IntakeRow;
use App\Http\Screens\Intake\IntakeScreen;
use App\Http\Screens\Intake\SettleScreen;
use App\Intake\DropFingerprint;
use App\Intake\DropReading;
use App\Intake\Drops;
use App\Intake\Packages\PackageList;
use App\Intake\PointedPlace;
use App\Intake\ReadFile;
use App\Intake\SettleCases;
use App\Intake\Sheets\SheetList;
use App\Intake\Table\DropTable;
use App\Intake\Table\DropTables;
use App\Intake\Table\KeptTable;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Store\Library\ViewShelf;
use App\Store\Products\ProductLoader;
use App\Summaries\Lists\QuickSearch;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class IntakeController
{
    public function __construct(
        private readonly Drops $drops,
        private readonly DropReading $reading,
        private readonly DropTables $tables,
        private readonly ProductLoader $products,
        private readonly SettleCases $cases,
        private readonly ViewShelf $shelf,
        private readonly SheetList $sheets,
        private readonly PackageList $packages,
    ) {}

    public function index(): View
    {
        $page = $this->drops->page();

        return view('intake.index', [
            'drops' => $page,
            'counts' => $this->drops->counts(array_values($page->pluck('id')->all())),
            'senders' => $this->drops->senders(),
            'sheets' => $this->sheets->latest(),
            'packages' => $this->packages->latest(),
        ]);
    }

    public function show(IntakeRequest $request, Drop $drop): View|Response|RedirectResponse
    {
        if ($request->text('pulse') !== '' && $request->text('pulse') === DropFingerprint::of($drop)) {
            return response()->noContent();
        }
        // The table is read before: one that still saw the sheet arrive looks again.
        $screen = $this->screen($request, $drop);
        // A page that still sends is not sent away: its files would be broken off.
        $page = $request->text('sending') === '' ? $this->ownPage($drop) : null;
        if ($page !== null) {
            return $request->hasHeader('HX-Request')
                ? response('', 200, ['HX-Redirect' => $page])
                : redirect()->to($page);
        }

        return view(
            $request->hasHeader('HX-Request') && !$request->hasHeader('X-Whole') ? 'intake.inner' : 'intake.show',
            ['screen' => $screen],
        );
    }

    /** Where a sheet or a package is read that is alone in its drop; null where pictures are. */
    private function ownPage(Drop $drop): ?string
    {
        $sheet = $this->sheets->aloneIn($drop);
        if ($sheet !== null) {
            return route('sheet', $sheet);
        }
        $package = $this->packages->aloneIn($drop);

        return $package === null ? null : route('package', $package);
    }

    /** One picture beside the matrix of its product, or of the one that is asked for. */
    public function settle(IntakeRequest $request, Drop $drop, int $file): View
    {
        $case =
            $this->cases->find(Person::of($request), $drop, $file, $request->text('seen')) ??
            ($this->cases->read($this->tables->of($drop), $file) ?? abort(404));
        $code = $request->text('product') === '' ? $case->file->product?->code : $request->text('product');

        return view('intake.settle', [
            'screen' => new SettleScreen(
                $drop,
                $case,
                $this->shelf->views(),
                $code === null ? null : $this->products->again($this->products->named($code)),
            ),
        ]);
    }

    /** The pictures of products that files of the drop can take the place of, before and after. */
    public function better(Drop $drop): View
    {
        $pairs = array_map(
            fn(ReadFile $one): BetterPair => new BetterPair($one->alike[0], new IntakeRow($one)),
            array_values($this->reading->of($drop)->better()),
        );

        return view('intake.better', ['drop' => $drop, 'pairs' => $pairs]);
    }

    /** Products by what is typed. */
    public function find(IntakeRequest $request, QuickSearch $jump): View
    {
        return view('intake.products', ['hits' => $jump->products($request->text('q'))]);
    }

    public function open(IntakeRequest $request, OpenDrop $action): JsonResponse
    {
        $files = $request->announced();
        $product = $request->text('product') === '' ? null : $this->products->named($request->text('product'));
        $drop = $action->run(Person::of($request), $request->text('name'), $request->text('sender'), $product, $files);
        $known = $this->drops->files($drop, array_map(fn($file): string => $file->print(), array_values($files)));

        return response()->json([
            'url' => route('intake.drop', $drop),
            'name' => $drop->name,
            'files' => array_map($this->told(...), $known),
        ]);
    }

    /** The next bytes of a file, in the body as they are. */
    public function part(IntakeRequest $request, int $file, ReceivePart $action): JsonResponse
    {
        return response()->json(
            $this->told(
                $action->run(
                    Person::of($request),
                    $file,
                    (int) $request->query('at', '0'),
                    (string) $request->getContent(),
                ),
            ),
        );
    }

    public function accept(IntakeRequest $request, Drop $drop, AcceptFiles $action): View
    {
        $before = $this->tables->before($drop);
        $request->boolean('replace')
            ? $action->inPlaceOfOthers(Person::of($request), $drop, $request->seen())
            : $action->asRead(Person::of($request), $drop, $request->seen());

        return $this->settled($request, $drop, $before);
    }

    public function link(IntakeRequest $request, Drop $drop, AcceptFiles $action): View
    {
        $before = $this->tables->before($drop);
        $action->here(
            Person::of($request),
            $drop,
            $request->fileIds(),
            new PointedPlace(
                $this->products->named($request->text('product')),
                $request->selection(),
                $request->pictureView(),
            ),
        );

        return $this->settled($request, $drop, $before);
    }

    public function say(IntakeRequest $request, Drop $drop, SayOfFiles $action): View
    {
        if ($request->has('product')) {
            $action->product(
                Person::of($request),
                $drop,
                $request->fileIds(),
                $request->text('product') === '' ? null : $this->products->named($request->text('product')),
            );
        } else {
            $action->view(Person::of($request), $drop, $request->fileIds(), $request->pictureView());
        }

        return $this->fragment($request, $drop);
    }

    public function aside(IntakeRequest $request, Drop $drop, SetAside $action): View
    {
        $before = $request->boolean('missing') ? null : $this->tables->before($drop);
        match (true) {
            $request->boolean('back') => $action->takeUp(Person::of($request), $drop, $request->fileIds()),
            $request->boolean('missing') => $action->forgetMissing(Person::of($request), $drop),
            default => $action->run(Person::of($request), $drop, $request->fileIds()),
        };

        return $this->settled($request, $drop, $before);
    }

    /** A word means a value, a view, or nothing. */
    public function teach(IntakeRequest $request, Drop $drop, TeachWord $action): View
    {
        $user = Person::of($request);
        $word = $request->text('word');
        $sender = $request->boolean('sender_only') ? $drop->sender : '';
        [$kind, $what] = explode(' ', $request->text('taught') . ' ');
        match ($kind) {
            'nothing' => $action->asNothing($user, $word, $sender),
            'view' => $action->asView($user, $word, $request->viewCalled($what), $sender),
            default => $action->run($user, $word, (int) $what, $sender),
        };

        return $this->fragment($request, $drop);
    }

    public function readAgain(IntakeRequest $request, Drop $drop, ReadPhotosAgain $action): View
    {
        $action->ofDrop(Person::of($request), $drop, $request->fileIds());

        return $this->fragment($request, $drop);
    }

    public function undo(IntakeRequest $request, Drop $drop, UndoAccepted $action): View
    {
        $request->boolean('again')
            ? $action->redo(Person::of($request), $drop, $request->text('batch'))
            : $action->undo(Person::of($request), $drop, $request->text('batch'));

        return $this->fragment($request, $drop);
    }

    private function fragment(IntakeRequest $request, Drop $drop): View
    {
        return view('intake.inner', ['screen' => $this->screen($request, $drop)]);
    }

    /** After some files were settled: they stand so at once. */
    private function settled(IntakeRequest $request, Drop $drop, ?KeptTable $before): View
    {
        return view('intake.inner', [
            'screen' => $this->drawn($request, $this->tables->after($drop, $before, $request->fileIds())),
        ]);
    }

    private function screen(IntakeRequest $request, Drop $drop): IntakeScreen
    {
        return $this->drawn($request, $this->tables->of($drop));
    }

    private function drawn(IntakeRequest $request, DropTable $table): IntakeScreen
    {
        [$drop, $user] = [$table->drop, Person::of($request)];
        $show = $request->text('show') === 'settled' ? 'settled' : '';
        $screen = new IntakeScreen(
            $table,
            $request->text('by') === 'product' ? 'product' : 'need',
            $show,
            max(1, $request->integer('page', 1)),
            $this->drops->acts($drop, $user),
            $show === '' ? [] : $this->drops->notes($drop),
        );
        $this->cases->keep($user, $table, $screen->shownIds());

        return $screen;
    }

    /** @return array<string, string|int|bool> of a file, for whoever sends it */
    private function told(DropFile $file): array
    {
        return [
            'id' => $file->id,
            'received' => $file->received,
            'arrives' => $file->state === DropFileState::Arriving,
            'refused' => $file->state === DropFileState::Refused ? $file->remark : '',
        ];
    }
}
