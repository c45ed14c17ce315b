<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Catalog\LoadedProduct;
use App\Catalog\ProductLoader;
use App\Catalog\StockCount;
use App\Media\PhotoSize;
use App\Models\Product;
use App\Models\ShotListRecord;
use Core\Gallery\Role;
use Core\Matrix\Arithmetic;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Illuminate\Support\Facades\DB;

/** The products as rows: only those of the page are loaded. */
final class CatalogView
{
    private const PAGE = 20;

    private const HITS = 8;

    public function __construct(private readonly ProductLoader $loader)
    {
    }

    public function page(string $search): CatalogPage
    {
        $query = Product::query()->standing()->orderBy('name')->orderBy('id');
        if (trim($search) !== '') {
            $like = $this->like($search);
            $query->where(fn ($either) => $either->where('name', 'like', '%'.$like.'%')->orWhere('code', 'like', $like.'%'));
        }
        $pages = $query->paginate(self::PAGE)->withQueryString();
        $rows = array_map($this->row(...), array_values($this->loader->loadMany($pages->items())));

        return new CatalogPage($rows, $pages, $search, ShotListRecord::query()->orderBy('name')->pluck('name', 'id')->all());
    }

    /** @return list<array{label: string, note: string, url: string}> */
    public function jump(string $typed): array
    {
        if (mb_strlen(trim($typed)) < 2) {
            return [];
        }
        $like = $this->like($typed);
        $hits = [];
        foreach (Product::query()->standing()->where(fn ($either) => $either->where('name', 'like', '%'.$like.'%')->orWhere('code', 'like', $like.'%'))->orderBy('name')->limit(self::HITS)->get() as $product) {
            $hits[] = ['label' => $product->name, 'note' => $product->code, 'url' => route('board', $product)];
        }
        $skus = DB::table('skus')->join('products', 'products.id', '=', 'skus.product_id')->whereNull('products.removed_at')
            ->where('skus.code', 'like', $like.'%')->orderBy('skus.code')->limit(self::HITS)->get(['skus.code', 'skus.cell', 'skus.state', 'products.name', 'products.code as product']);
        foreach ($skus as $sku) {
            $hits[] = ['label' => $sku->code, 'note' => $sku->name.($sku->state === 'retired' ? ', retired' : ''), 'url' => route('board', ['product' => $sku->product, 'selected' => $sku->cell === '' ? '*' : $sku->cell])];
        }
        $photos = DB::table('placements')->join('products', 'products.id', '=', 'placements.product_id')->whereNull('products.removed_at')
            ->where('placements.file_name', 'like', $like.'%')->orderBy('placements.file_name')->limit(self::HITS)->get(['placements.file_name', 'products.name', 'products.code as product']);
        foreach ($photos as $photo) {
            $hits[] = ['label' => $photo->file_name, 'note' => 'picture of '.$photo->name, 'url' => route('board', ['product' => $photo->product, 'selected' => '*'])];
        }

        return $hits;
    }

    private function like(string $typed): string
    {
        return addcslashes(trim($typed), '%_\\');
    }

    private function row(LoadedProduct $loaded): CatalogRow
    {
        $colors = [];
        $sizes = '';
        foreach ($loaded->matrix->axes as $axis) {
            foreach ($axis->kind === AxisKind::Color ? $axis->values : [] as $value) {
                $colors[] = ['label' => $value->label, 'swatch' => $loaded->swatches[$value->id] ?? null];
            }
            if ($axis->kind === AxisKind::Size && $axis->count() > 0) {
                $labels = array_map(fn ($value): string => $value->label, $axis->values);
                $sizes = count($labels) > 2 ? $labels[0].'–'.$labels[count($labels) - 1] : implode(', ', $labels);
            }
        }
        $card = $loaded->galleries()->forChoice(Combination::of([]))->role(Role::Card)->placement();
        $links = new PictureLinks($loaded);
        $arithmetic = Arithmetic::of($loaded->matrix);
        $tray = count($loaded->tray());

        return new CatalogRow(
            $loaded->product->code,
            $loaded->product->name,
            $loaded->product->category,
            $card === null ? null : $links->url($card, PhotoSize::Thumb),
            $card === null ? '' : $links->text($card),
            $colors,
            $sizes,
            count($loaded->made),
            $arithmetic->cells,
            $arithmetic->leftOut,
            count($loaded->placements) - $tray,
            $tray,
            $loaded->coverage()?->percent(),
            $loaded->prices($loaded->made),
            new StockCount($loaded->made),
        );
    }
}
