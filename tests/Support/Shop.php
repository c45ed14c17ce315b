<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\Matrix\ChangeMatrix;
use App\Actions\Matrix\MergeValues;
use App\Actions\Matrix\SplitValue;
use App\Actions\Pictures\AssignRole;
use App\Actions\Pictures\DescribePhotos;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Pictures\ReceivePhotos;
use App\Actions\Product\CreateProduct;
use App\Actions\Product\UndoRedo;
use App\Actions\Skus\SetPrices;
use App\Actions\Skus\SetStock;
use App\Console\Reports\GalleryReport;
use App\Files\JsonLdDocument;
use App\Files\Sheets\SheetExport;
use App\History\Change;
use App\Media\Incoming\IncomingFile;
use App\Media\Incoming\Receipt;
use App\Models\Product;
use App\Models\Right;
use App\Models\User;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductLoader;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\MatrixChoices;
use Core\Gallery\Gallery;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Matrix\Combination;
use Core\Product\Sku;
use Core\Reach\Selection;
use Illuminate\Support\Facades\DB;
use Imagick;
use ImagickDraw;

/** A small shop for the tests, filled the way people fill one. */
final class Shop
{
    private static ?Snapshot $stocked = null;

    private function __construct(public readonly User $user, public readonly Product $product) {}

    public static function open(string $code = 'SMOCK'): self
    {
        $user = self::person(Right::Edit, 'Ada');

        return new self($user, app(CreateProduct::class)->run($user, 'Potting smock', $code, 1));
    }

    public static function person(Right $right, string $name = 'Wren'): User
    {
        return User::query()
            ->create([
                'name' => $name,
                'email' => strtolower(uniqid($name)) . '@thrumbury.example',
                'password' => 'slate-demo',
                'right' => $right,
            ])
            ->refresh();
    }

    /** Three colors × four sizes, four pictures for each color and one size guide for all; 13 placements. */
    public static function stocked(): self
    {
        if (User::query()->exists()) {
            return self::stock();
        }
        if (self::$stocked === null) {
            self::$stocked = Snapshot::of(self::stock(...));
        } elseif (self::$stocked->fits()) {
            self::$stocked->putBack();
        } else {
            return self::stock();
        }

        return new self(
            User::query()->orderByDesc('id')->firstOrFail(),
            Product::query()->where('code', 'SMOCK')->firstOrFail(),
        );
    }

    private static function stock(): self
    {
        $shop = self::open();
        $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL']);
        $colors = ['Moss', 'Clay', 'Slate'];
        $views = [
            'front' => View::usual('front'),
            'back' => View::usual('back'),
            'worn' => View::usual('worn'),
            'detail' => View::usual('detail'),
        ];
        $files = [];
        foreach ($colors as $color) {
            array_push($files, ...array_map(fn(string $word): string => "{$color} {$word}.jpg", array_keys($views)));
        }
        $files[] = 'guide.jpg';
        $shop->receive(array_combine($files, array_map(self::picture(...), $files)));
        foreach ($colors as $color) {
            $own = array_map(fn(string $word): int => $shop->placement("{$color} {$word}.jpg"), array_keys($views));
            app(LinkPhotos::class)->run($shop->change(), $own, $shop->part(['Color' => $color]));
            app(AssignRole::class)->run($shop->change(), $own[0], Role::Lead);
        }
        foreach ($views as $word => $view) {
            app(DescribePhotos::class)->view(
                $shop->change(),
                array_map(fn(string $color): int => $shop->placement("{$color} {$word}.jpg"), $colors),
                $view,
            );
        }
        app(LinkPhotos::class)->run($shop->change(), [$shop->placement('guide.jpg')], Selection::whole());
        app(DescribePhotos::class)->view($shop->change(), [$shop->placement('guide.jpg')], View::usual('size guide'));
        app(SetPrices::class)->run($shop->change(), Selection::whole(), '49');
        app(SetStock::class)->run($shop->change(), Selection::whole(), '10');

        return $shop;
    }

    /**
     * @param  array<string, string>  $axes  name => typed values
     * @param  array<string, string>  $homes  folded axis name => label
     * @param  array<int, int>  $survivors
     */
    public function axes(array $axes, array $homes = [], array $survivors = [], bool $stockAddsUp = false): void
    {
        $drafts = array_map(
            fn(string $name, string $typed): DraftAxis => new DraftAxis($name, $typed),
            array_keys($axes),
            $axes,
        );
        app(ChangeMatrix::class)->run(
            $this->change(),
            $drafts,
            new MatrixChoices(array_map(DraftValue::called(...), $homes), $survivors, $stockAddsUp),
        );
    }

    /** A small picture whose content is its name's, written to a file. */
    public static function picture(string $name, string $format = 'jpeg', int $side = 24): string
    {
        $picture = new Imagick();
        $picture->newImage($side, $side, '#' . substr(md5($name), 0, 6), $format);
        $path = tempnam(sys_get_temp_dir(), 'slate');
        $picture->setImageFormat($format);
        file_put_contents($path, $picture->getImageBlob());

        return $path;
    }

    /** @param array<string, string> $files name => path */
    public function receive(array $files, ?string $batch = null): Receipt
    {
        return app(ReceivePhotos::class)->run(
            new Change($this->user, $this->product->id, null, $batch),
            array_map(
                fn(string $name, string $path): IncomingFile => new IncomingFile($path, $name),
                array_keys($files),
                $files,
            ),
        );
    }

    /** @param array<string, string> $where nothing is the whole product */
    public function photo(string $name, array $where, ?View $view = null, ?Role $role = null): int
    {
        $this->receive([$name => self::picture($name)]);
        $id = $this->placement($name);
        app(LinkPhotos::class)->run($this->change(), [$id], $where === [] ? Selection::whole() : $this->part($where));
        if ($view !== null) {
            app(DescribePhotos::class)->view($this->change(), [$id], $view);
        }
        if ($role !== null) {
            app(AssignRole::class)->run($this->change(), $id, $role);
        }

        return $id;
    }

    /**
     * A picture of a piece of cloth in a color that is known, on a near-white ground.
     *
     * @param  array<string, string>  $where
     */
    public function cloth(string $name, string $hex, array $where, View $view): int
    {
        $picture = new Imagick();
        $picture->newImage(400, 400, '#f7f7f5');
        $cloth = new ImagickDraw();
        $cloth->setFillColor($hex);
        $cloth->ellipse(200, 200, 120, 150, 0, 360);
        $picture->drawImage($cloth);
        // No two files are one.
        $picture->setImageProperty('comment', $name);
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality(95);
        $path = (string) tempnam(sys_get_temp_dir(), 'cloth');
        file_put_contents($path, $picture->getImageBlob());
        $this->receive([$name => $path]);
        $id = $this->placement($name);
        app(LinkPhotos::class)->run($this->change(), [$id], $this->part($where));
        app(DescribePhotos::class)->view($this->change(), [$id], $view);

        return $id;
    }

    public function placement(string $name): int
    {
        return (int) DB::table('placements')
            ->where('product_id', $this->product->id)
            ->where('file_name', $name)
            ->value('id');
    }

    public function loaded(): LoadedProduct
    {
        return app(ProductLoader::class)->load(Product::query()->findOrFail($this->product->id));
    }

    public function version(): int
    {
        return (int) Product::query()->whereKey($this->product->id)->value('version');
    }

    /** The entry of the product's history that lies so many entries before another. */
    public function entryBefore(int $id, int $howMany): int
    {
        return (int) DB::table('history')
            ->where('product_id', $this->product->id)
            ->where('id', '<=', $id)
            ->orderByDesc('id')
            ->skip($howMany)
            ->value('id');
    }

    public function change(?User $user = null): Change
    {
        return new Change($user ?? $this->user, $this->product->id, $this->version());
    }

    /** @param array<string, string> $where axis name => value label */
    public function token(array $where): string
    {
        $values = [];
        foreach ($this->loaded()->core->matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                if (($where[$axis->name] ?? null) === $value->label) {
                    $values[$axis->id] = $value->id;
                }
            }
        }

        return Combination::of($values)->key;
    }

    /** @param array<string, string> $where axis name => value label */
    public function part(array $where): Selection
    {
        return Selection::fromKey($this->token($where));
    }

    /** @param array<string, string> $where */
    public function gallery(array $where): Gallery
    {
        return $this->loaded()->core->galleries()->forChoice(Combination::fromKey($this->token($where)));
    }

    /**
     * @param  array<string, string>  $where
     * @return list<string>
     */
    public function files(array $where): array
    {
        return array_map(fn($entry): string => $entry->placement->file, $this->gallery($where)->entries);
    }

    public function undo(?User $user = null): void
    {
        app(UndoRedo::class)->undo($this->change($user));
    }

    public function redo(?User $user = null): void
    {
        app(UndoRedo::class)->redo($this->change($user));
    }

    /** All rows of the product but its version and times: two equal states are the same product. */
    public function state(): array
    {
        $rows = fn(string $table): array => DB::table($table)
            ->where('product_id', $this->product->id)
            ->orderBy('id')
            ->get()
            ->map(fn($row): array => (array) $row)
            ->all();

        return [
            'product' => (array) DB::table('products')
                ->where('id', $this->product->id)
                ->first([
                    'name',
                    'description',
                    'price',
                    'left_out',
                    'removed_at',
                    'brand',
                    'opening_cell',
                    'shots',
                    'currency',
                    'category',
                    'code_pattern_id',
                ]),
            'facts' => $rows('facts'),
            'details' => $rows('details'),
            'axes' => $rows('product_axes'),
            'values' => $rows('product_values'),
            'skus' => $rows('skus'),
            'placements' => $rows('placements'),
        ];
    }

    /** The rows, and all that leaves the shop: the flat sheet, the JSON-LD and every gallery with its roles. */
    public function everything(): array
    {
        $loaded = $this->loaded();
        $report = new GalleryReport();

        return [
            'state' => $this->state(),
            'sheet' => $this->sheet(),
            'json' => app(JsonLdDocument::class)->of($loaded->product),
            'galleries' => array_map(
                fn($sku): string => json_encode($report->sku($loaded, $sku)),
                array_values($loaded->core->made),
            ),
        ];
    }

    /** The id of a value, or of an axis, by name. */
    public function id(string $name): int
    {
        return (int) (DB::table('axis_values')->where('name', $name)->value('id') ??
            DB::table('axes')->where('name', $name)->value('id'));
    }

    public function merge(string $goes, string $stays, ?MatrixChoices $choices = null): void
    {
        app(MergeValues::class)->run(
            $this->change(),
            $this->id($goes),
            $this->id($stays),
            $choices ?? new MatrixChoices(),
        );
    }

    public function split(string $whole, string $parts, bool $pictures = false): void
    {
        app(SplitValue::class)->run($this->change(), $this->id($whole), $parts, $pictures);
    }

    /**
     * @param  array<string, string>  $axes  name => typed values
     */
    public function changeAxes(array $axes, MatrixChoices $choices): void
    {
        app(ChangeMatrix::class)->run(
            $this->change(),
            array_map(
                fn(string $name, string $typed): DraftAxis => new DraftAxis($name, $typed),
                array_keys($axes),
                $axes,
            ),
            $choices,
        );
    }

    /** @param array<string, string> $where */
    public function sku(array $where): Sku
    {
        return $this->loaded()->core->made[$this->token($where)];
    }

    public function words(): string
    {
        return (string) DB::table('history')->where('product_id', $this->product->id)->latest('id')->value('words');
    }

    public function sheet(): string
    {
        $path = tempnam(sys_get_temp_dir(), 'slate');
        app(SheetExport::class)->csv(Product::query()->findOrFail($this->product->id), $path);
        $sheet = (string) file_get_contents($path);
        unlink($path);

        return $sheet;
    }

    /**
     * @return array<string, array<string, string>> the rows of the flat sheet by the SKU's code, each by the names of
     *   its columns
     */
    public function rows(): array
    {
        $lines = array_map(
            fn(string $line): array => str_getcsv($line, escape: ''),
            preg_split('/\r?\n(?=[^"]*(?:"[^"]*"[^"]*)*$)/', trim($this->sheet())) ?: [],
        );
        $header = array_shift($lines) ?? [];
        $rows = array_map(fn(array $line): array => array_combine($header, $line), $lines);

        return array_column($rows, null, 'sku');
    }

    /** @return array<string, mixed> the JSON-LD of one SKU */
    public function variant(string $sku): array
    {
        $tree = json_decode(app(JsonLdDocument::class)->of(Product::query()->findOrFail($this->product->id)), true);

        return array_column($tree['hasVariant'] ?? [$tree], null, 'sku')[$sku];
    }
}
