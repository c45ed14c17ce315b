<?php

declare(strict_types=1);

/* Works, looks and counts for tests/Stages/batch.sh. */

use App\Actions\Batches\StartBatch;
use App\Actions\Intake\OpenDrop;
use App\Actions\Intake\ReceivePart;
use App\Actions\Intake\StartImport;
use App\Actions\Intake\StartPackage;
use App\Actions\Pictures\ChangePictures;
use App\Actions\Product\UndoRedo;
use App\Actions\Skus\SetStock;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Batches\BatchRunner;
use App\History\Change;
use App\Intake\AnnouncedFile;
use App\Intake\Packages\PackageProducts;
use App\Intake\Packages\WorkOnPackage;
use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\WorkOnSheet;
use App\Models\DropFile;
use App\Models\HistoryEntry;
use App\Models\Packages\Package;
use App\Models\Packages\PackageState;
use App\Models\Product;
use App\Models\Sheets\Sheet;
use App\Models\User;
use App\Store\Products\ProductLoader;
use Core\Reach\Selection;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

require dirname(__DIR__, 2) . '/vendor/autoload.php';
$app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

/** The last product that the batch comes to, so that somebody is there first. */
$product = fn(): Product => Product::query()->where('code', 'like', 'GEN-%')->latest('id')->firstOrFail();
$ines = fn(): User => User::query()->where('email', 'ines@thrumbury.example')->firstOrFail();
$stock = function (Product $product): array {
    return array_map(
        fn($sku): ?int => $sku->stock,
        array_values(app(ProductLoader::class)->load($product)->core->made),
    );
};
$require = function (bool $holds, string $else): void {
    if (!$holds) {
        fwrite(STDERR, "{$else}\n");
        exit(1);
    }
};

match ($argv[1]) {
    // Its pictures are those that the others share.
    'stock' => Shop::stocked(),
    // Where the worker is killed it writes no peak; those of all jobs before are there.
    'work' => (function () use ($app, $argv): void {
        $app->make('events')->listen(
            [Illuminate\Queue\Events\JobProcessed::class, Illuminate\Queue\Events\JobReleasedAfterException::class],
            fn() => file_put_contents($argv[2], intdiv(memory_get_peak_usage(true), 1024 * 1024) . "\n", FILE_APPEND),
        );
        Artisan::call('queue:work', ['--sleep' => 0.2, '--tries' => 3]);
    })(),
    // A picture that the products do not have is a new row of each.
    'add' => (function (): void {
        $row = (array) DB::table('photos')->where('state', 'ready')->first();
        $photo = DB::table('photos')->insertGetId(
            ['sha256' => hash('sha256', 'label')] + array_diff_key($row, ['id' => true]),
        );
        $ids = Product::query()->where('code', 'like', 'GEN-%')->orderBy('id')->pluck('id')->all();
        $wanted = ['photo' => (string) $photo, 'way' => 'add', 'file' => 'label.jpg'];
        $ada = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        echo app(StartBatch::class)->run(
            $ada,
            new BatchOrder(ChangePictures::NAME, $wanted, BatchMode::AsFarAsPossible, Selection::whole()),
            $ids,
        )->id;
    })(),
    // As it arrives in the intake: its file is there, and its rows are read in the queue.
    'sheet' => (function () use ($argv): void {
        $lines = ['product,name,axis Color,axis Size,sku,price,stock'];
        for ($at = 1; $at <= (int) $argv[2]; $at++) {
            foreach (['Moss', 'Clay', 'Slate'] as $color) {
                foreach (['S', 'M', 'L'] as $size) {
                    $code = sprintf('SHEET%04d', $at);
                    $lines[] =
                        "{$code},Thing {$at},{$color},{$size},{$code}-" . substr($color, 0, 2) . "-{$size},49.00,3";
                }
            }
        }
        $bytes = implode("\n", $lines) . "\n";
        $ada = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        $drop = app(OpenDrop::class)->run($ada, '', '', null, [AnnouncedFile::of('things.csv', strlen($bytes), '1')]);
        $file = DropFile::query()->where('drop_id', $drop->id)->firstOrFail();
        app(ReceivePart::class)->run($ada, $file->id, 0, $bytes);
        echo Sheet::query()->latest('id')->value('id');
    })(),
    'vetted' => (function () use ($argv, $require): void {
        for ($wait = 0; $wait < 400; $wait++) {
            $sheet = Sheet::query()->findOrFail((int) $argv[2]);
            if (!$sheet->state->isAtWork()) {
                break;
            }
            WorkOnSheet::resumeAbandoned(3);
            usleep(250_000);
        }
        $counts = app(SheetProducts::class)->counts($sheet);
        $require($counts === ['new' => (int) $argv[3]], json_encode([$sheet->state->value, $counts, $sheet->failure]));
    })(),
    'import' => (function () use ($argv): void {
        $ada = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        echo app(StartImport::class)->run($ada, Sheet::query()->findOrFail((int) $argv[2]))->id;
    })(),
    'whole' => (function () use ($argv, $require): void {
        $products = DB::table('products')->where('code', 'like', 'SHEET%')->pluck('id');
        $skus = DB::table('skus')
            ->whereIn('product_id', $products)
            ->groupBy('product_id')
            ->selectRaw('product_id, count(*) as skus')
            ->pluck('skus', 'product_id');
        $halves = $products->filter(fn(int $id): bool => (int) ($skus[$id] ?? 0) !== 9);
        $require($halves->isEmpty(), 'Not whole: ' . $halves->implode(', '));
        $require(!isset($argv[2]) || $products->count() === (int) $argv[2], "{$products->count()} products");
    })(),
    'package' => (function () use ($argv): void {
        $user = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        $bytes = (string) file_get_contents($argv[2]);
        $announced = AnnouncedFile::of('catalog.zip', strlen($bytes), '1');
        $drop = app(OpenDrop::class)->run($user, '', '', null, [$announced]);
        $file = DropFile::query()->where('drop_id', $drop->id)->firstOrFail();
        foreach (str_split($bytes, 1024 * 1024) as $at => $part) {
            app(ReceivePart::class)->run($user, $file->id, $at * 1024 * 1024, $part);
        }
        echo Package::query()->latest('id')->firstOrFail()->id;
    })(),
    'package-vetted' => (function () use ($argv, $require): void {
        for ($try = 0; $try < 200; $try++) {
            WorkOnPackage::resumeAbandoned(seconds: 3);
            if (!Package::query()->findOrFail((int) $argv[2])->state->isAtWork()) {
                break;
            }
            usleep(500_000);
        }
        $package = Package::query()->findOrFail((int) $argv[2]);
        $counts = app(PackageProducts::class)->counts($package);
        $require(
            $package->state === PackageState::Ready && array_keys($counts) === ['new'],
            json_encode([$package->state->value, $counts, $package->failure]),
        );
    })(),
    'package-import' => (function () use ($argv): void {
        $user = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        echo app(StartPackage::class)->run($user, Package::query()->findOrFail((int) $argv[2]))?->id;
    })(),
    'run' => app(BatchRunner::class)->advance($argv[2], 300.0),
    'work-on-one' => (function () use ($product, $ines): void {
        $one = $product();
        app(SetStock::class)->run(new Change($ines(), $one->id, $one->version), Selection::whole(), '77');
        echo $one->code;
    })(),
    'person' => (function () use ($argv, $stock, $require): void {
        $one = Product::query()->where('code', trim((string) file_get_contents($argv[2])))->firstOrFail();
        $require(
            array_unique($stock($one)) === [77],
            'The stock typed meanwhile is not there: ' . json_encode($stock($one)),
        );
        $base = app(ProductLoader::class)->load($one)->core->prices->base?->shown();
        $require($base === '52.50', 'The price of the batch is not there: ' . json_encode($base));
    })(),
    'undo-person' => (function () use ($argv, $ines): void {
        $one = Product::query()->where('code', trim((string) file_get_contents($argv[2])))->firstOrFail();
        app(UndoRedo::class)->undo(new Change($ines(), $one->id, $one->version));
    })(),
    'count' => (function () use ($argv, $require): void {
        $id = $argv[2];
        $states = DB::table('batch_products')
            ->where('batch_id', $id)
            ->groupBy('state')
            ->selectRaw('state, count(*) as products')
            ->pluck('products', 'state')
            ->all();
        $twice = HistoryEntry::query()
            ->where('batch', $id)
            ->groupBy('product_id')
            ->havingRaw('count(*) > 1')
            ->selectRaw('product_id')
            ->get()
            ->count();
        $require(
            array_diff(array_keys($states), ['changed', 'same']) === [] &&
                $twice === 0 &&
                HistoryEntry::query()->where('batch', $id)->count() === $states['changed'],
            json_encode([$states, $twice]),
        );
        // One price for all SKUs of a product is its base price, and no SKU has one of its own beside it.
        $bases = DB::table('products')->whereIn(
            'id',
            DB::table('batch_products')->where('batch_id', $id)->select('product_id'),
        );
        $others = $bases->where(fn($base) => $base->whereNull('price')->orWhere('price', '<>', '52.5000'))->count();
        $own = DB::table('skus')->where('state', 'made')->whereNotNull('price')->count();
        $require($others === 0 && $own === 0, "{$others} products have another price, {$own} SKUs one of their own");
    })(),
};
