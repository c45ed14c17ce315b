<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\CommonPasswords;
use App\Actions\Intake\ImportPackage;
use App\Actions\Intake\ImportSheet;
use App\Actions\Intake\LinkDropped;
use App\Actions\Pictures\ChangePictures;
use App\Actions\Product\CombineItems;
use App\Actions\Product\EditDetails;
use App\Actions\Skus\AdjustPrices;
use App\Actions\Skus\ChangePrices;
use App\Actions\Skus\SetStock;
use App\Batches\BatchEnded;
use App\Batches\BulkOperation;
use App\Batches\BulkOperations;
use App\Batches\OfferedOperation;
use App\Files\Guide;
use App\History\Announcer;
use App\History\HistoryPruning;
use App\History\ProductsChanged;
use App\History\SharedCounts;
use App\Http\Middleware\LimitConcurrency;
use App\Http\ProductAddress;
use App\Http\SessionlessExceptionHandler;
use App\Intake\Packages\WorkOnPackage;
use App\Intake\Sheets\WorkOnSheet;
use App\Intake\Table\DropTables;
use App\Media\Incoming\PhotoInspector;
use App\Media\PhotosRead;
use App\Media\PhotoStore;
use App\Media\PictureReader;
use App\Media\WorkFolder;
use App\Models\Product;
use App\Models\Right;
use App\Models\User;
use App\Store\Library\AltPatterns;
use App\Store\Library\ColorNaming;
use App\Store\Library\ViewShelf;
use App\Store\Products\ChosenSkusLoader;
use App\Store\Products\ProductLoader;
use App\Summaries\CountProducts;
use App\Summaries\Summaries;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\Looping;
use Illuminate\Routing\Route as ActiveRoute;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\ServiceProvider;
use InvalidArgumentException;

final class AppServiceProvider extends ServiceProvider
{
    /** Seconds after which a worker runs what is due besides. */
    private const SCHEDULE_EVERY = 30;

    /** What stands for an id in an address. */
    private const IDS = [
        'account',
        'axis',
        'banner',
        'drop',
        'entry',
        'file',
        'list',
        'package',
        'pattern',
        'photo',
        'placement',
        'range',
        'run',
        'sheet',
        'value',
        'view',
        'word',
    ];

    public function register(): void
    {
        $this->app->singleton(ExceptionHandler::class, SessionlessExceptionHandler::class);
        $this->app->singleton(
            BulkOperations::class,
            fn(Application $app): BulkOperations => new BulkOperations(
                [
                    'sku-price' => fn(): BulkOperation => $app->make(ChangePrices::class),
                    'value-price' => fn(): BulkOperation => $app->make(AdjustPrices::class),
                    'sku-stock' => fn(): BulkOperation => $app->make(SetStock::class),
                    'details' => fn(): BulkOperation => $app->make(EditDetails::class),
                    ChangePictures::NAME => fn(): BulkOperation => $app->make(ChangePictures::class),
                    LinkDropped::NAME => fn(): BulkOperation => $app->make(LinkDropped::class),
                    CombineItems::NAME => fn(): BulkOperation => $app->make(CombineItems::class),
                    ImportSheet::NAME => fn(): BulkOperation => $app->make(ImportSheet::class),
                    ImportPackage::NAME => fn(): BulkOperation => $app->make(ImportPackage::class),
                ],
                [
                    new OfferedOperation('price', 'sku-price'),
                    new OfferedOperation('value-price', 'value-price'),
                    new OfferedOperation('stock', 'sku-stock'),
                    new OfferedOperation('product-price', 'details', 'price'),
                    new OfferedOperation('category', 'details', 'category'),
                    new OfferedOperation('brand', 'details', 'brand'),
                ],
            ),
        );
        // One for the Action and for the answer: what was changed is not read a second time.
        $this->app->scoped(ProductLoader::class);
        $this->app->scoped(ViewShelf::class);
        $this->app->scoped(DropTables::class);
        $this->app->scoped(AltPatterns::class);
        $this->app->scoped(ChosenSkusLoader::class);
        $this->app->scoped(Announcer::class);
        // The same as the answer goes out: it lets go of what it took.
        $this->app->scoped(LimitConcurrency::class);
        $this->app->singleton(
            PhotoInspector::class,
            fn(): PhotoInspector => new PhotoInspector(
                config('slate.photos.most_bytes'),
                config('slate.photos.most_pixels'),
                config('slate.photos.most_side'),
            ),
        );
        $this->app->bind(
            PictureReader::class,
            fn(): PictureReader => new PictureReader(
                config('slate.reading.folder'),
                config('slate.reading.cpu_seconds'),
                config('slate.reading.wall_seconds'),
                config('slate.reading.most_memory'),
                config('slate.reading.most_disk'),
            ),
        );
        $this->app->bind(WorkFolder::class, fn(): WorkFolder => WorkFolder::asSet());
        $this->app->singleton(
            CommonPasswords::class,
            fn(): CommonPasswords => new CommonPasswords(config('slate.common_passwords')),
        );
        $this->app->singleton(Guide::class, fn(): Guide => new Guide(base_path('docs')));
        $this->app->bind(ColorNaming::class, fn(): ColorNaming => new ColorNaming(config('slate.color_names')));
        $this->app->bind(HistoryPruning::class, fn(): HistoryPruning => new HistoryPruning(config('slate.undo_days')));
        $this->app->bind(
            PhotoStore::class,
            fn(Application $app): PhotoStore => new PhotoStore(Storage::disk(), $app->make(PhotoInspector::class)),
        );
    }

    /** @throws InvalidArgumentException */
    public function boot(): void
    {
        if (!in_array(config('slate.zone'), timezone_identifiers_list(), true)) {
            throw new InvalidArgumentException(
                'SHOP_ZONE in .env names no time zone: ' . config('slate.zone') . '. One is called Europe/Berlin.',
            );
        }
        TrustProxies::at(
            config('slate.trusted_proxies') === '*'
                ? '*'
                : array_filter(array_map(trim(...), explode(',', (string) config('slate.trusted_proxies')))),
        );
        $this->runTheScheduleWhileWorking();
        Event::listen(PhotosRead::class, [SharedCounts::class, 'photosRead']);
        Event::listen(function (ProductsChanged $changed): void {
            if ($changed->madeId !== null) {
                $this->app->make(Summaries::class)->count([$changed->madeId]);
            }
            CountProducts::dispatch();
        });
        Event::listen(fn(BatchEnded $ended) => WorkOnSheet::afterBatch($ended->batchId));
        Event::listen(fn(BatchEnded $ended) => WorkOnPackage::afterBatch($ended->batchId));
        Model::shouldBeStrict(!$this->app->environment('production'));
        foreach (Right::cases() as $right) {
            Gate::define($right->value, fn(User $user): bool => $user->right->includes($right));
        }
        // An id is a number that the database can have; whatever else stands in its place is not found.
        Route::patterns(array_fill_keys(self::IDS, '[1-9][0-9]{0,17}') + ['batch' => '[0-9A-Za-z]{26}']);
        Route::bind(
            'product',
            fn(string $code, ActiveRoute $route): Product => ProductAddress::resolve($code, $route, request()),
        );
        // Whoever sits at an open session may not guess the password of its owner.
        RateLimiter::for(
            'passwords',
            fn(Request $request): Limit => Limit::perMinute(5)->by((string) $request->user()?->id),
        );
        // Far beyond what hands do, far below what would hold the server: what is selected is worked on at every look.
        $looks = fn(Request $request): Limit => Limit::perMinute(900)->by("looks {$request->user()?->id}");
        RateLimiter::for('looks', $looks);
        RateLimiter::for(
            'reads',
            fn(Request $request): Limit => $request->isMethodSafe() ? $looks($request) : Limit::none(),
        );
        // Parts of files, one after the other from a quick line.
        RateLimiter::for(
            'parts',
            fn(Request $request): Limit => Limit::perMinute(6_000)->by((string) $request->user()?->id),
        );
        RateLimiter::for(
            'changes',
            fn(Request $request): Limit => Limit::perMinute(600)->by((string) $request->user()?->id),
        );
    }

    /** Whoever works off the queue runs between two jobs what is due besides (routes/console.php). */
    private function runTheScheduleWhileWorking(): void
    {
        $next = 0;
        Event::listen(Looping::class, function () use (&$next): void {
            if (time() >= $next) {
                $next = time() + self::SCHEDULE_EVERY;
                Artisan::call('schedule:run');
            }
        });
    }
}
