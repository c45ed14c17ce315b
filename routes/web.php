<?php

declare(strict_types=1);

use App\Http\Controllers\Accounts\AccountsController;
use App\Http\Controllers\Accounts\OwnAccountController;
use App\Http\Controllers\Accounts\SessionController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\BulkPictureController;
use App\Http\Controllers\CatalogController;
use App\Http\Controllers\CombineController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\IntakeController;
use App\Http\Controllers\Library\BannerController;
use App\Http\Controllers\Library\LibraryCodesController;
use App\Http\Controllers\Library\LibraryColorsController;
use App\Http\Controllers\Library\LibraryController;
use App\Http\Controllers\Library\ShotListController;
use App\Http\Controllers\Library\StoredController;
use App\Http\Controllers\MediaController;
use App\Http\Controllers\PackageController;
use App\Http\Controllers\Product\BoardController;
use App\Http\Controllers\Product\CardController;
use App\Http\Controllers\Product\CodeController;
use App\Http\Controllers\Product\ColorsController;
use App\Http\Controllers\Product\ContactController;
use App\Http\Controllers\Product\CoverageController;
use App\Http\Controllers\Product\DetailsController;
use App\Http\Controllers\Product\HistoryController;
use App\Http\Controllers\Product\ItemsController;
use App\Http\Controllers\Product\MatrixController;
use App\Http\Controllers\Product\PhotoController;
use App\Http\Controllers\Product\PreviewController;
use App\Http\Controllers\Product\PriceController;
use App\Http\Controllers\Product\ProductPageController;
use App\Http\Controllers\Product\ProductRowsController;
use App\Http\Controllers\Product\RoleController;
use App\Http\Controllers\Product\SeparateController;
use App\Http\Controllers\Product\SkuController;
use App\Http\Controllers\Product\SwatchController;
use App\Http\Controllers\Product\ValueController;
use App\Http\Controllers\RowsController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShootController;
use App\Http\Controllers\ShootingController;
use App\Http\Controllers\SystemStatusController;
use App\Http\Middleware\IdempotentForms;
use App\Http\Middleware\KnownSession;
use App\Http\Middleware\PasswordAsked;
use App\Http\Middleware\ShowRemoved;
use App\Http\ProductPage;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SessionController::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SessionController::class, 'store']);
});

// Pictures are many on a page, and cost little.
Route::middleware(['auth', KnownSession::class, 'can:view'])->group(function (): void {
    Route::get('/media/{photo}.{type}', [MediaController::class, 'show'])
        ->where('type', 'mp4|webm|glb')
        ->name('media');
    Route::get('/photos/{photo}/{shape}.jpg', [PhotoController::class, 'cut'])
        ->where('shape', '(square|wide|tall|chip)(-[0-9]{1,4}){0,6}')
        ->name('photo.cut');
    Route::get('/photos/{photo}/{size}.jpg', [PhotoController::class, 'show'])->name('photo');
});

// Whatever only asks is counted, and worked out for a person two at a time.
Route::middleware([
    'auth',
    KnownSession::class,
    'can:view',
    'throttle:reads',
    'at-once:pages,2',
    IdempotentForms::class,
])->group(function (): void {
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sign-out');
    Route::prefix('/account')
        ->middleware('throttle:changes')
        ->group(function (): void {
            Route::get('/', [OwnAccountController::class, 'show'])->name('own-account');
            Route::post('/', [OwnAccountController::class, 'edit'])->name('own-account.edit');
            Route::post('/password', [OwnAccountController::class, 'password'])
                ->middleware('throttle:passwords')
                ->name('own-account.password');
            Route::post('/sessions', [OwnAccountController::class, 'endSessions'])->name('own-account.sessions');
            Route::post('/sessions/end', [OwnAccountController::class, 'endSession'])->name('own-account.session');
            Route::get('/confirm', [OwnAccountController::class, 'confirm'])->name('own-account.confirm');
            Route::post('/confirm', [OwnAccountController::class, 'giveConfirmation'])
                ->middleware('throttle:passwords')
                ->name('own-account.confirm.give');
        });
    Route::get('/help/pictures/{picture}', [HelpController::class, 'picture'])->name('help.picture');
    Route::get('/help/{page?}', [HelpController::class, 'page'])->name('help');
    Route::get('/', [CatalogController::class, 'index'])->name('catalog');
    Route::get('/coverage', [ShootingController::class, 'coverage'])->name('coverage.catalog');
    Route::get('/coverage/shooting-list', [ShootingController::class, 'page'])
        ->middleware('at-once:heavy,1')
        ->name('shooting-list');
    Route::get('/coverage/shooting-list.csv', [ShootingController::class, 'sheet'])
        ->middleware('at-once:heavy,1')
        ->name('shooting-list.csv');
    Route::get('/coverage/slate-cards', [ShootingController::class, 'cards'])
        ->middleware('at-once:heavy,1')
        ->name('shooting-list.cards');
    Route::get('/jump', [CatalogController::class, 'jump'])->name('jump');
    Route::get('/photos/{photo}/color', [SwatchController::class, 'pick'])->name('photo.color');

    Route::get('/intake', [IntakeController::class, 'index'])->name('intake');
    Route::get('/intake/stored', [StoredController::class, 'index'])->name('intake.stored');
    Route::get('/intake/stored/{photo}/uses', [StoredController::class, 'uses'])->name('intake.stored.uses');
    Route::get('/intake/products', [IntakeController::class, 'find'])->name('intake.products');
    Route::get('/catalog/sheet', [ExportController::class, 'choose'])
        ->middleware('at-once:heavy,1')
        ->name('catalog.sheet');
    Route::get('/catalog/sheet/file', [ExportController::class, 'catalog'])
        ->middleware('at-once:heavy,1')
        ->name('catalog.sheet.file');
    Route::get('/single-items', [CombineController::class, 'show'])
        ->middleware('at-once:heavy,1')
        ->name('combine');
    Route::get('/intake/sheets/template.csv', [SheetController::class, 'template'])->name('sheet.template');
    Route::get('/intake/sheets/{sheet}', [SheetController::class, 'show'])->name('sheet');
    Route::get('/intake/sheets/{sheet}/columns', [SheetController::class, 'columns'])->name('sheet.columns');
    Route::get('/intake/sheets/{sheet}/rejected.csv', [SheetController::class, 'rejects'])->name('sheet.rejects');
    Route::get('/rows', [RowsController::class, 'show'])
        ->middleware('at-once:heavy,1')
        ->name('catalog.rows');
    Route::post('/rows/columns', [RowsController::class, 'columns'])->name('rows.columns');
    Route::get('/intake/packages/{package}', [PackageController::class, 'show'])->name('package');
    Route::get('/intake/{drop}', [IntakeController::class, 'show'])->name('intake.drop');
    Route::get('/intake/{drop}/files/{file}', [IntakeController::class, 'settle'])->name('intake.settle');
    Route::get('/intake/{drop}/better', [IntakeController::class, 'better'])->name('intake.better');
    Route::get('/intake/{drop}/shoot', [ShootController::class, 'show'])->name('shoot');

    Route::get('/bulk', [BatchController::class, 'index'])->name('batches');
    Route::get('/bulk/{batch}', [BatchController::class, 'show'])->name('batch');

    Route::get('/library', [LibraryController::class, 'axes'])->name('library');
    Route::get('/library/axes/{axis}', [LibraryController::class, 'axis'])->name('library.axis');
    Route::get('/library/axes/{axis}/colors', [LibraryColorsController::class, 'show'])->name('library.colors');
    Route::get('/library/axes/{axis}/sheet', [LibraryColorsController::class, 'sheet'])->name('library.colors.sheet');
    Route::get('/library/axes/{axis}/sheet.svg', [LibraryColorsController::class, 'sheetSvg'])
        ->middleware('at-once:heavy,1')
        ->name('library.colors.sheet.svg');
    Route::get('/library/axes/{axis}/sheet.png', [LibraryColorsController::class, 'sheetPng'])
        ->middleware('at-once:heavy,1')
        ->name('library.colors.sheet.png');
    Route::get('/library/codes', [LibraryCodesController::class, 'index'])->name('library.codes');
    Route::get('/library/runs', [LibraryController::class, 'runs'])->name('library.runs');
    Route::get('/library/texts', [ShotListController::class, 'texts'])->name('library.texts');
    Route::get('/library/banners', [BannerController::class, 'index'])->name('library.banners');
    Route::get('/library/shots', [ShotListController::class, 'index'])->name('library.shots');
    Route::get('/library/history', [HistoryController::class, 'library'])->name('library.history');

    Route::prefix('/products/{product}')
        ->middleware(ShowRemoved::class)
        ->group(function (): void {
            Route::get('/', [BoardController::class, 'show'])->name('board');
            Route::get('/board', [BoardController::class, 'fragment'])->name('board.fragment');
            // What is selected may be long, so the tray is asked for in a body; it only reads.
            Route::post('/tray', [BoardController::class, 'tray'])
                ->middleware('looks')
                ->name('board.tray');
            Route::post('/skus/about', [SkuController::class, 'about'])
                ->middleware('looks')
                ->name('skus.about');
            Route::post('/photos/{placement}/about', [BoardController::class, 'about'])
                ->middleware('looks')
                ->name('photo.about');
            foreach (ProductPage::drawn() as $page) {
                Route::get("/{$page->value}", ProductPageController::class)->name($page->value);
            }
            Route::get('/colors/sheet', [ColorsController::class, 'sheet'])->name('colors.sheet');
            Route::get('/colors/sheet.svg', [ColorsController::class, 'sheetSvg'])
                ->middleware('at-once:heavy,1')
                ->name('colors.sheet.svg');
            Route::get('/colors/sheet.png', [ColorsController::class, 'sheetPng'])
                ->middleware('at-once:heavy,1')
                ->name('colors.sheet.png');
            Route::get('/labels', [CodeController::class, 'labels'])
                ->middleware('at-once:heavy,1')
                ->name('labels');
            Route::get('/cards', CardController::class)->middleware('at-once:heavy,1')->name('cards');
            Route::get('/preview', [PreviewController::class, 'show'])
                ->middleware('at-once:heavy,1')
                ->name('preview');
            Route::get('/details/pictures', [DetailsController::class, 'pictures'])->name('details.pictures');
            Route::get('/history', [HistoryController::class, 'index'])->name('history');
            Route::get('/history/compare', [HistoryController::class, 'compare'])
                ->middleware('at-once:heavy,1')
                ->name('history.compare');
            // How the board is laid out is the person's own, so the right to look is enough.
            Route::post('/layout', [MatrixController::class, 'arrange'])->name('layout');
            Route::post('/layout/fold', [MatrixController::class, 'fold'])->name('layout.fold');
            Route::get('/sheet.csv', [ExportController::class, 'sheet'])
                ->middleware('at-once:heavy,1')
                ->name('product.sheet');
            Route::get('/product.jsonld', [ExportController::class, 'jsonLd'])
                ->middleware('at-once:heavy,1')
                ->name('json-ld');
        });

    Route::middleware('can:release')->group(function (): void {
        Route::get('/works', [SystemStatusController::class, 'show'])->name('works');
        Route::post('/works/pictures', [SystemStatusController::class, 'readAgain'])->name('works.pictures');
        Route::post('/works/jobs', [SystemStatusController::class, 'retryJobs'])->name('works.jobs');

        Route::prefix('/accounts')
            ->middleware(['throttle:changes', PasswordAsked::class])
            ->group(function (): void {
                Route::get('/', [AccountsController::class, 'index'])->name('accounts');
                Route::post('/', [AccountsController::class, 'store'])->name('accounts.store');
                Route::get('/{account}', [AccountsController::class, 'show'])->name('accounts.show');
                Route::post('/{account}', [AccountsController::class, 'edit'])->name('accounts.edit');
                Route::post('/{account}/password', [AccountsController::class, 'renewPassword'])->name(
                    'accounts.password',
                );
                Route::post('/{account}/sessions', [AccountsController::class, 'endSessions'])->name(
                    'accounts.sessions',
                );
                Route::post('/{account}/close', [AccountsController::class, 'close'])->name('accounts.close');
                Route::post('/{account}/reopen', [AccountsController::class, 'reopen'])->name('accounts.reopen');
            });
    });

    Route::middleware(['can:edit', 'throttle:parts'])->group(function (): void {
        Route::post('/intake', [IntakeController::class, 'open'])->name('intake.open');
        Route::put('/intake/files/{file}', [IntakeController::class, 'part'])->name('intake.part');
    });

    Route::middleware(['can:edit', 'throttle:changes'])->group(function (): void {
        Route::post('/photos/{photo}/poster', [MediaController::class, 'poster'])->name('photo.poster');
        Route::post('/intake/stored/remove', [StoredController::class, 'remove'])->name('intake.stored.remove');
        Route::post('/intake/stored', [StoredController::class, 'store'])->name('intake.stored.pick');
        Route::post('/single-items', [CombineController::class, 'store'])->name('combine.store');
        Route::post('/single-items/sure', [CombineController::class, 'sure'])->name('combine.sure');
        Route::post('/rows', [RowsController::class, 'type'])->name('catalog.rows.type');
        Route::post('/rows/{way}', [RowsController::class, 'back'])
            ->whereIn('way', ['undo', 'redo'])
            ->name('catalog.rows.back');
        Route::post('/intake/packages/{package}/look', [PackageController::class, 'look'])->name('package.look');
        Route::post('/intake/packages/{package}/import', [PackageController::class, 'import'])->name('package.import');
        Route::post('/intake/sheets/{sheet}/columns', [SheetController::class, 'arrange'])->name('sheet.arrange');
        Route::post('/intake/sheets/{sheet}/mend', [SheetController::class, 'mend'])->name('sheet.mend');
        Route::post('/intake/sheets/{sheet}/fetch', [SheetController::class, 'fetch'])->name('sheet.fetch');
        Route::post('/intake/sheets/{sheet}/import', [SheetController::class, 'import'])->name('sheet.import');
        Route::prefix('/intake/{drop}')->group(function (): void {
            Route::post('/accept', [IntakeController::class, 'accept'])->name('intake.accept');
            Route::post('/link', [IntakeController::class, 'link'])->name('intake.link');
            Route::post('/say', [IntakeController::class, 'say'])->name('intake.say');
            Route::post('/aside', [IntakeController::class, 'aside'])->name('intake.aside');
            Route::post('/teach', [IntakeController::class, 'teach'])->name('intake.teach');
            Route::post('/read-again', [IntakeController::class, 'readAgain'])->name('intake.read-again');
            Route::post('/undo', [IntakeController::class, 'undo'])->name('intake.undo');
            Route::post('/shoot', [ShootController::class, 'arrange'])->name('shoot.arrange');
            Route::post('/shoot/link', [ShootController::class, 'link'])->name('shoot.link');
            Route::post('/shoot/undo', [ShootController::class, 'undo'])->name('shoot.undo');
        });
        Route::post('/products', [CatalogController::class, 'store'])->name('products.store');
        Route::get('/bulk/pictures', [BulkPictureController::class, 'form'])->name('bulk.pictures');
        Route::post('/bulk/pictures', [BulkPictureController::class, 'store'])->name('bulk.pictures.store');
        Route::get('/bulk/new', [BatchController::class, 'form'])->name('batches.form');
        Route::post('/bulk', [BatchController::class, 'store'])->name('batches.store');
        Route::post('/bulk/{batch}/{way}', [BatchController::class, 'steer'])->name('batch.steer');

        Route::prefix('/library')->group(function (): void {
            Route::post('/axes', [LibraryController::class, 'createAxis'])->name('library.axes.create');
            Route::post('/axes/{axis}', [LibraryController::class, 'editAxis'])->name('library.axis.edit');
            Route::post('/axes/{axis}/remove', [LibraryController::class, 'removeAxis'])->name('library.axis.remove');
            Route::post('/axes/{axis}/values', [LibraryController::class, 'addValues'])->name('library.values.add');
            Route::post('/axes/{axis}/order', [LibraryController::class, 'order'])->name('library.values.order');
            Route::post('/axes/{axis}/colors/add', [LibraryColorsController::class, 'add'])->name('library.colors.add');
            Route::post('/axes/{axis}/colors/order', [LibraryColorsController::class, 'order'])->name(
                'library.colors.order',
            );
            Route::post('/axes/{axis}/colors/fill', [LibraryColorsController::class, 'fill'])->name(
                'library.colors.fill',
            );
            Route::post('/values/{value}/swatch/draft', [LibraryColorsController::class, 'swatch'])
                ->middleware('looks')
                ->name('library.swatch');
            Route::post('/values/{value}/swatch', [LibraryColorsController::class, 'setSwatch'])->name(
                'library.swatch.set',
            );
            Route::post('/values/{value}/swatch/move', [LibraryColorsController::class, 'move'])->name(
                'library.swatch.move',
            );
            Route::post('/swatches/picture', [SwatchController::class, 'picture'])->name('swatch.picture');
            Route::get('/values/{value}', [LibraryController::class, 'value'])->name('library.value');
            Route::post('/values/{value}', [LibraryController::class, 'editValue'])->name('library.value.edit');
            Route::post('/values/{value}/words/{word}/forget', [LibraryController::class, 'forgetWord'])->name(
                'library.word.forget',
            );
            Route::post('/values/{value}/remove', [LibraryController::class, 'removeValue'])->name(
                'library.value.remove',
            );
            Route::get('/codes/patterns/new', [LibraryCodesController::class, 'pattern'])->name(
                'library.code-patterns.new',
            );
            Route::get('/codes/patterns/{pattern}', [LibraryCodesController::class, 'pattern'])->name(
                'library.code-pattern',
            );
            Route::post('/codes/patterns/draft', [LibraryCodesController::class, 'draft'])
                ->middleware('looks')
                ->name('library.code-patterns.draft');
            Route::post('/codes/patterns/{pattern}/draft', [LibraryCodesController::class, 'draft'])
                ->middleware('looks')
                ->name('library.code-pattern.draft');
            Route::post('/codes/patterns', [LibraryCodesController::class, 'save'])->name(
                'library.code-patterns.create',
            );
            Route::post('/codes/patterns/{pattern}', [LibraryCodesController::class, 'save'])->name(
                'library.code-pattern.edit',
            );
            Route::post('/codes/patterns/{pattern}/remove', [LibraryCodesController::class, 'remove'])->name(
                'library.code-pattern.remove',
            );
            Route::post('/codes/ranges', [LibraryCodesController::class, 'saveRange'])->name(
                'library.gtin-ranges.create',
            );
            Route::post('/codes/ranges/{range}', [LibraryCodesController::class, 'saveRange'])->name(
                'library.gtin-range.edit',
            );
            Route::post('/codes/ranges/{range}/remove', [LibraryCodesController::class, 'removeRange'])->name(
                'library.gtin-range.remove',
            );
            Route::post('/runs', [LibraryController::class, 'saveRun'])->name('library.runs.create');
            Route::get('/runs/{run}', [LibraryController::class, 'run'])->name('library.run');
            Route::post('/runs/{run}', [LibraryController::class, 'saveRun'])->name('library.run.edit');
            Route::post('/runs/{run}/remove', [LibraryController::class, 'removeRun'])->name('library.run.remove');
            Route::post('/banners/choose', [BannerController::class, 'choose'])->name('library.banners.choose');
            Route::post('/banners', [BannerController::class, 'set'])->name('library.banners.set');
            Route::post('/banners/{banner}/look', [BannerController::class, 'edit'])->name('library.banner');
            Route::post('/banners/{banner}', [BannerController::class, 'update'])->name('library.banner.edit');
            Route::post('/banners/{banner}/remove', [BannerController::class, 'remove'])->name('library.banner.remove');
            Route::post('/texts', [ShotListController::class, 'savePattern'])->name('library.texts.save');
            Route::get('/shots/lists/new', [ShotListController::class, 'list'])->name('library.shot-lists.new');
            Route::get('/shots/lists/{list}', [ShotListController::class, 'list'])->name('library.shot-list');
            Route::post('/shots/lists', [ShotListController::class, 'saveList'])->name('library.shot-lists.create');
            Route::post('/shots/lists/{list}', [ShotListController::class, 'saveList'])->name('library.shot-list.edit');
            Route::post('/shots/lists/{list}/remove', [ShotListController::class, 'removeList'])->name(
                'library.shot-list.remove',
            );
            Route::get('/shots/views/new', [ShotListController::class, 'view'])->name('library.views.new');
            Route::get('/shots/views/{view}', [ShotListController::class, 'view'])->name('library.view');
            Route::post('/shots/views', [ShotListController::class, 'saveView'])->name('library.views.create');
            Route::post('/shots/views/{view}', [ShotListController::class, 'saveView'])->name('library.view.edit');
            Route::post('/shots/views/{view}/remove', [ShotListController::class, 'removeView'])->name(
                'library.view.remove',
            );
            Route::post('/shots/words/{word}/forget', [ShotListController::class, 'forgetWord'])->name(
                'library.taught.forget',
            );
            Route::post('/undo', [LibraryController::class, 'undo'])->name('library.undo');
            Route::post('/redo', [LibraryController::class, 'redo'])->name('library.redo');
        });

        Route::prefix('/products/{product}')->group(function (): void {
            Route::get('/rows/new', [ProductRowsController::class, 'form'])->name('rows.new');
            Route::post('/rows/plan', [ProductRowsController::class, 'plan'])
                ->middleware('looks')
                ->name('rows.plan');
            Route::post('/rows/new', [ProductRowsController::class, 'add'])->name('rows.add');
            Route::get('/rows/axes', [ProductRowsController::class, 'axes'])->name('rows.axes');
            Route::post('/rows/axes/plan', [ProductRowsController::class, 'axisPlan'])
                ->middleware('looks')
                ->name('rows.axis.plan');
            Route::post('/rows/axes', [ProductRowsController::class, 'makeAxis'])->name('rows.axis');
            Route::post('/rows', [ProductRowsController::class, 'type'])->name('rows.type');
            Route::post('/colors/display', [ColorsController::class, 'display'])->name('colors.display');
            Route::post('/colors/order', [ColorsController::class, 'order'])->name('colors.order');
            Route::post('/colors/fill', [ColorsController::class, 'fill'])->name('colors.fill');
            Route::post('/colors/measured', [ColorsController::class, 'proposals'])
                ->middleware('looks')
                ->name('colors.measured');
            Route::post('/colors/take', [ColorsController::class, 'take'])->name('colors.take');
            Route::post('/colors/swatches/{value}/draft', [ColorsController::class, 'swatch'])
                ->middleware('looks')
                ->name('colors.swatch');
            Route::post('/colors/swatches/{value}', [ColorsController::class, 'setSwatch'])->name('colors.swatch.set');
            Route::post('/colors/swatches/{value}/move', [ColorsController::class, 'move'])->name('colors.swatch.move');
            Route::get('/setup', [MatrixController::class, 'setup'])->name('setup');
            Route::get('/items', [ItemsController::class, 'show'])
                ->middleware('at-once:heavy,1')
                ->name('items');
            Route::post('/items', [ItemsController::class, 'store'])->name('items.add');
            Route::post('/take-out/plan', [SeparateController::class, 'takeOutPlan'])
                ->middleware('looks')
                ->name('take-out.plan');
            Route::post('/take-out', [SeparateController::class, 'takeOut'])->name('take-out');
            Route::get('/separate', [SeparateController::class, 'plan'])->name('separate.plan');
            Route::post('/separate', [SeparateController::class, 'store'])->name('separate');
            Route::post('/setup/plan', [MatrixController::class, 'plan'])->name('setup.plan');
            Route::post('/setup', [MatrixController::class, 'build'])->name('setup.build');
            Route::post('/leave-out/plan', [MatrixController::class, 'leaveOutPlan'])->name('leave-out.plan');
            Route::post('/leave-out', [MatrixController::class, 'leaveOut'])->name('leave-out');
            Route::post('/values/order', [MatrixController::class, 'reorder'])->name('values.order');
            Route::post('/rules/plan', [MatrixController::class, 'rules'])->name('rules');
            Route::post('/rules', [MatrixController::class, 'leaveOutByRule'])->name('rules.keep');
            Route::get('/values/{value}', [ValueController::class, 'show'])->name('value');
            Route::post('/values/{value}', [ValueController::class, 'edit'])->name('value.edit');
            Route::post('/values/{value}/merge/plan', [ValueController::class, 'mergePlan'])->name('value.merge.plan');
            Route::post('/values/{value}/merge', [ValueController::class, 'merge'])->name('value.merge');
            Route::post('/values/{value}/split/plan', [ValueController::class, 'splitPlan'])->name('value.split.plan');
            Route::post('/values/{value}/split', [ValueController::class, 'split'])->name('value.split');
            Route::post('/opening', [ValueController::class, 'opening'])->name('opening');

            Route::post('/roles/choose', [RoleController::class, 'choose'])->name('roles.choose');
            Route::post('/roles/plan', [RoleController::class, 'plan'])->name('roles.plan');
            Route::post('/roles', [RoleController::class, 'give'])->name('roles.give');
            Route::post('/picture-axes/plan', [CoverageController::class, 'axes'])->name('picture-axes.plan');
            Route::post('/picture-axes', [CoverageController::class, 'setAxes'])->name('picture-axes');
            Route::post('/coverage/place', [CoverageController::class, 'hole'])->name('coverage.hole');
            Route::post('/coverage/fill', [CoverageController::class, 'fill'])->name('coverage.fill');
            Route::post('/coverage/shot', [CoverageController::class, 'shot'])->name('coverage.shot');
            Route::post('/photos', [PhotoController::class, 'receive'])->name('photos.receive');
            Route::post('/photos/link', [PhotoController::class, 'link'])->name('photos.link');
            Route::post('/photos/unlink', [PhotoController::class, 'unlink'])->name('photos.unlink');
            Route::post('/photos/hide', [PhotoController::class, 'hide'])->name('photos.hide');
            Route::post('/photos/move', [PhotoController::class, 'move'])->name('photos.move');
            Route::post('/photos/place', [PhotoController::class, 'place'])->name('photos.place');
            Route::post('/photos/follow-shot-list', [PhotoController::class, 'followShotList'])->name('photos.follow');
            Route::post('/photos/match-others', [PhotoController::class, 'matchOthers'])->name('photos.match');
            Route::post('/photos/view', [PhotoController::class, 'view'])->name('photos.view');
            Route::post('/photos/alt-texts/plan', [ContactController::class, 'texts'])->name('alt-texts.plan');
            Route::post('/photos/alt-texts', [ContactController::class, 'fillTexts'])->name('alt-texts');
            Route::post('/photos/alt-text', [PhotoController::class, 'altText'])->name('photos.alt');
            Route::post('/photos/role', [PhotoController::class, 'role'])->name('photos.role');
            Route::post('/photos/read-again', [PhotoController::class, 'readAgain'])->name('photos.read-again');
            Route::post('/photos/remove', [PhotoController::class, 'remove'])->name('photos.remove');
            Route::post('/photos/{placement}/crop/plan', [PhotoController::class, 'crop'])->name('photo.crop.plan');
            Route::post('/photos/{placement}/crop', [PhotoController::class, 'setCrop'])->name('photo.crop');
            Route::post('/photos/{placement}/replace', [PhotoController::class, 'replace'])->name('photo.replace');

            Route::post('/skus/code', [SkuController::class, 'code'])->name('skus.code');
            Route::post('/skus/price/plan', [PriceController::class, 'plan'])
                ->middleware('looks')
                ->name('skus.price.plan');
            Route::post('/skus/price', [SkuController::class, 'price'])->name('skus.price');
            Route::post('/prices/base', [PriceController::class, 'base'])->name('prices.base');
            Route::post('/prices/needless', [PriceController::class, 'letGo'])->name('prices.needless');
            Route::post('/prices/values/{value}', [PriceController::class, 'adjust'])->name('prices.adjust');
            Route::post('/skus/stock', [SkuController::class, 'stock'])->name('skus.stock');
            Route::post('/skus/gtin', [SkuController::class, 'gtin'])->name('skus.gtin');
            Route::post('/skus/field/{field}', [SkuController::class, 'field'])->name('skus.field');
            Route::post('/stock/counting/plan', [SkuController::class, 'countingPlan'])
                ->middleware('looks')
                ->name('counting.plan');
            Route::post('/stock/counting', [SkuController::class, 'counting'])->name('counting');
            Route::post('/codes/plan', [CodeController::class, 'plan'])
                ->middleware('looks')
                ->name('codes.plan');
            Route::post('/codes', [CodeController::class, 'apply'])->name('codes.apply');
            Route::post('/gtins/plan', [CodeController::class, 'gtinPlan'])
                ->middleware('looks')
                ->name('gtins.plan');
            Route::post('/gtins', [CodeController::class, 'allocate'])->name('gtins.allocate');
            Route::post('/skus/block', [SkuController::class, 'block'])->name('skus.block');

            Route::post('/details/set', [DetailsController::class, 'set'])->name('details.set');
            Route::post('/details/part', [DetailsController::class, 'draft'])
                ->middleware('looks')
                ->name('details.part');
            Route::post('/details/otherwise', [DetailsController::class, 'otherwise'])
                ->middleware('looks')
                ->name('details.otherwise');
            Route::post('/details', [DetailsController::class, 'update'])->name('details.update');
            Route::get('/code', [DetailsController::class, 'code'])->name('product-code');
            Route::post('/code/plan', [DetailsController::class, 'code'])->name('product-code.plan');
            Route::post('/code', [DetailsController::class, 'changeCode'])->name('product-code.change');
            Route::get('/currency', [DetailsController::class, 'currency'])->name('currency');
            Route::post('/currency/plan', [DetailsController::class, 'currency'])->name('currency.plan');
            Route::post('/currency', [DetailsController::class, 'changeCurrency'])->name('currency.change');
            Route::post('/facts', [DetailsController::class, 'setFact'])->name('facts.set');
            Route::post('/facts/remove', [DetailsController::class, 'removeFact'])->name('facts.remove');
            Route::post('/history/{entry}/undo-to', [HistoryController::class, 'undoTo'])->name('undo-to');
            Route::post('/undo', [HistoryController::class, 'undo'])->name('undo');
            Route::post('/redo', [HistoryController::class, 'redo'])->name('redo');
        });
    });
});
