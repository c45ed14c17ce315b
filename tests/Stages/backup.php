<?php

declare(strict_types=1);

/* Fills, adds to, and shows the shop that tests/Stages/backup.sh backs up and restores. */

use App\Console\Reports\GalleryReport;
use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Models\HistoryEntry;
use App\Models\Photo;
use App\Models\Product;
use App\Store\Products\ProductLoader;
use Illuminate\Contracts\Console\Kernel;
use Tests\Support\Shop;

require dirname(__DIR__, 2) . '/vendor/autoload.php';
$app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

match ($argv[1]) {
    'stock' => Shop::stocked(),
    'drop' => (function (): void {
        $shop = Shop::open('DROP');
        foreach (range(1, 12) as $at) {
            $shop->receive(["late {$at}.jpg" => Shop::picture("late {$at}")]);
        }
    })(),
    'galleries' => (function () use ($app): void {
        $product = Product::query()->where('code', 'SMOCK')->sole();
        $loaded = $app->make(ProductLoader::class)->load($product);
        foreach ($loaded->core->made as $sku) {
            echo json_encode((new GalleryReport())->sku($loaded, $sku)), "\n";
        }
        echo HistoryEntry::query()->where('product_id', $product->id)->pluck('words')->implode("\n"), "\n";
        $store = $app->make(PhotoStore::class);
        foreach ($loaded->placements as $row) {
            $photo = Photo::query()->findOrFail($row->photoId);
            echo $photo->sha256, ' ', $photo->state->value;
            foreach (PhotoSize::cases() as $size) {
                echo ' ', hash('sha256', (string) $store->derived($photo, $size));
            }
            echo "\n";
        }
    })(),
};
