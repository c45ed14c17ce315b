<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Intake\OpenDrop;
use App\Actions\Intake\ReceivePart;
use App\Actions\Library\EditAxis;
use App\Actions\Library\SaveCodePattern;
use App\Actions\Library\SaveGtinRange;
use App\Actions\Library\SaveSizeRun;
use App\Actions\Matrix\ChangeMatrix;
use App\Actions\Matrix\EditValue;
use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Matrix\SetSwatches;
use App\Actions\Pictures\AssignRole;
use App\Actions\Pictures\DescribePhotos;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Pictures\OrderPhotos;
use App\Actions\Pictures\ReceivePhotos;
use App\Actions\Product\CreateProduct;
use App\Actions\Product\EditDetails;
use App\Actions\Product\EditFacts;
use App\Actions\Product\SetDetail;
use App\Actions\Product\SetOpening;
use App\Actions\Skus\AdjustPrices;
use App\Actions\Skus\SetCounting;
use App\Actions\Skus\SetPrices;
use App\Actions\Skus\SetStock;
use App\History\Change;
use App\Intake\AnnouncedFile;
use App\Media\Incoming\IncomingFile;
use App\Models\Library;
use App\Models\LibraryValue;
use App\Models\Product;
use App\Models\Right;
use App\Models\ShotListRecord;
use App\Models\User;
use App\Store\Library\AxisForm;
use App\Store\Library\GtinRangeForm;
use App\Store\Library\ValueForm;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductLoader;
use Core\Changes\Details\SayFact;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\OfferCells;
use Core\Codes\CodePart;
use Core\Codes\CodePattern;
use Core\Codes\Gtin;
use Core\Codes\LetterCase;
use Core\Color\Swatches\Swatch;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\FactKind;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Matrix\Combination;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Hash;

/** Thrumbury Garden Workwear, an invented shop. Everything goes the way a person's changes go. */
final class DemoSeeder extends Seeder
{
    public const PASSWORD = 'slate-demo';

    public const ACCOUNTS = [
        'wren@thrumbury.example' => ['Wren Halloran', Right::View],
        'ada@thrumbury.example' => ['Ada Ferris', Right::Edit],
        'ines@thrumbury.example' => ['Ines Okoro', Right::Release],
    ];

    private User $user;

    public function __construct(
        private readonly ProductLoader $loader,
        private readonly CreateProduct $create,
        private readonly EditDetails $details,
        private readonly ChangeMatrix $matrix,
        private readonly LeaveOutCells $leaveOut,
        private readonly ReceivePhotos $receive,
        private readonly LinkPhotos $link,
        private readonly DescribePhotos $describe,
        private readonly AssignRole $role,
        private readonly OrderPhotos $order,
        private readonly SetPrices $prices,
        private readonly AdjustPrices $adjusting,
        private readonly SetDetail $said,
        private readonly SetCounting $counting,
        private readonly SaveCodePattern $patterns,
        private readonly SaveGtinRange $ranges,
        private readonly SetStock $stock,
        private readonly EditFacts $facts,
        private readonly SetOpening $opening,
        private readonly EditValue $values,
        private readonly SetSwatches $swatches,
        private readonly EditAxis $axes,
        private readonly SaveSizeRun $runs,
        private readonly OpenDrop $open,
        private readonly ReceivePart $parts,
    ) {}

    public function run(): void
    {
        self::accounts();
        $this->user = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        $shotLists = ShotListRecord::query()->pluck('id', 'name');

        $this->smocks($shotLists['Garment']);
        $this->clogs($shotLists['Footwear']);
        $this->gloves($shotLists['Gloves and small goods']);
        $this->cape($shotLists['Garment']);
        $this->trousers($shotLists['Garment']);
        $this->smallGoods($shotLists['Gloves and small goods']);
        $this->library();
        $this->intake();
    }

    public static function accounts(): void
    {
        foreach (self::ACCOUNTS as $email => [$name, $right]) {
            User::query()->firstOrCreate(
                ['email' => $email],
                ['name' => $name, 'password' => Hash::make(self::PASSWORD), 'right' => $right],
            );
        }
    }

    private function smocks(int $shotList): void
    {
        $product = $this->product(
            'Potting smock',
            'TB-SMOCK',
            'Outerwear > Smocks',
            '49.00',
            'A loose cotton smock that goes over everything, with two deep pockets and cuffs that stay up.',
            $shotList,
            [
                new DraftAxis('Color', 'Moss, Clay, Slate, Oat, Ink'),
                new DraftAxis('Size', 'XS, S, M, L, XL, XXL'),
                new DraftAxis('Style', 'Buttoned, Pullover'),
            ],
        );
        $this->leaveOut->run(
            $this->change($product),
            OfferCells::leaveOut($this->part($product, ['Color' => 'Oat', 'Size' => 'XXL', 'Style' => 'Pullover'])),
        );
        $this->leaveOut->run(
            $this->change($product),
            OfferCells::leaveOut($this->part($product, ['Color' => 'Ink', 'Size' => 'XS'])),
        );
        $this->photos($product, 'smock-');
        $views = ['front' => View::usual('front'), 'back' => View::usual('back'), 'detail' => View::usual('detail')];
        foreach (['Moss', 'Clay', 'Slate', 'Oat', 'Ink'] as $color) {
            foreach (['Buttoned', 'Pullover'] as $style) {
                foreach ($views as $word => $view) {
                    $file = strtolower("smock-{$style}-{$color}-{$word}.jpg");
                    // Two details wait in the tray, as on a working day.
                    if (!in_array($file, ['smock-pullover-clay-detail.jpg', 'smock-pullover-oat-detail.jpg'], true)) {
                        $this->place(
                            $product,
                            $file,
                            ['Color' => $color, 'Style' => $style],
                            $view,
                            $view === View::usual('front') ? Role::Lead : null,
                        );
                    }
                }
            }
            $this->place($product, strtolower("smock-{$color}-worn.jpg"), ['Color' => $color], View::usual('worn'));
        }
        $this->place(
            $product,
            'smock-buttoned-moss-turned.mp4',
            ['Color' => 'Moss', 'Style' => 'Buttoned'],
            View::usual('turned'),
        );
        $this->place($product, 'smock-size-guide.jpg', [], View::usual('size guide'), Role::Guide);
        $this->order->followShotList($this->change($product));
        $this->adjust($product, 'XXL', '+5.00');
        // One that somebody set by itself, long ago.
        $this->prices->run(
            $this->change($product),
            $this->part($product, ['Color' => 'Slate', 'Size' => 'L', 'Style' => 'Pullover']),
            '45.00',
        );
        $this->say($product, [
            'list price' => ['59'],
            'cost' => ['21.40'],
            'low mark' => ['3'],
            'short text' => ['A loose cotton smock with deep pockets, for potting and for everything after it.'],
            'highlights' => ["Two deep pockets\nCuffs that stay up\nWashed before it is cut"],
            'tags' => ['cotton, work, gifts'],
            'also in' => ['Gifts > For gardeners'],
            'kind' => ['Smock'],
            'condition' => ['new'],
            'warranty' => ['2 years on seams'],
            'care' => ['Machine wash at 40 °C, Do not bleach, Line dry in the shade, Iron at medium heat'],
            'dimensions' => ['34 × 26 × 4 cm'],
            'origin' => ['PT'],
            'customs code' => ['6211.42'],
        ]);
        $this->say(
            $product,
            ['sale' => ['39', now()->subDays(6)->format('Y-m-d'), now()->addDays(20)->format('Y-m-d')]],
            $this->part($product, ['Color' => 'Oat']),
        );
        $this->stock($product, [14, 9, 22, 18, 7, 3, 12, 0, 16, 5]);
    }

    private function clogs(int $shotList): void
    {
        $product = $this->product(
            'Orchard clog',
            'TB-CLOG',
            'Footwear > Clogs',
            '38.50',
            'A closed clog with a thick sole, easy to hose down.',
            $shotList,
            [
                new DraftAxis('Color', 'Fern, Berry, Bark'),
                new DraftAxis(
                    'Shoe size',
                    'EU 36, EU 37, EU 38, EU 39, EU 40, EU 41, EU 42, EU 43, EU 44, EU 45, EU 46',
                ),
            ],
        );
        $this->photos($product, 'clog-');
        foreach (['Fern', 'Berry', 'Bark'] as $color) {
            foreach (
                [
                    'side' => View::usual('side'),
                    'pair' => View::usual('flat'),
                    'top' => View::usual('top'),
                    'detail' => View::usual('detail'),
                ]
                as $word => $view
            ) {
                $this->place(
                    $product,
                    strtolower("clog-{$color}-{$word}.jpg"),
                    ['Color' => $color],
                    $view,
                    $word === 'side' ? Role::Lead : null,
                );
            }
        }
        $this->place($product, 'clog-size-guide.jpg', [], View::usual('size guide'));
        $this->order->followShotList($this->change($product));
        $this->stock($product, [4, 8, 11, 15, 12, 9, 6, 0, 5, 2, 1]);
    }

    private function gloves(int $shotList): void
    {
        $product = $this->product(
            'Thorn glove',
            'TB-GLOVE',
            'Gloves',
            '24.00',
            'Goatskin palm and a backing that thorns do not pass.',
            $shotList,
            [
                new DraftAxis('Color', 'Moss, Straw, Berry'),
                new DraftAxis('Glove size', '6, 7, 8, 9, 10, 11'),
                new DraftAxis('Cuff', 'Short, Gauntlet'),
            ],
        );
        $this->leaveOut->run(
            $this->change($product),
            OfferCells::leaveOut($this->part($product, ['Cuff' => 'Gauntlet', 'Glove size' => '6'])),
        );
        $this->photos($product, 'glove-');
        foreach (['Moss', 'Straw', 'Berry'] as $color) {
            foreach (['Short', 'Gauntlet'] as $cuff) {
                foreach (
                    ['front' => View::usual('front'), 'back' => View::usual('back'), 'pair' => View::usual('flat')]
                    as $word => $view
                ) {
                    $this->place(
                        $product,
                        strtolower("glove-{$cuff}-{$color}-{$word}.jpg"),
                        ['Color' => $color, 'Cuff' => $cuff],
                        $view,
                        $word === 'front' ? Role::Lead : null,
                    );
                }
            }
        }
        $this->place($product, 'glove-gauntlet-stitching.jpg', ['Cuff' => 'Gauntlet'], View::usual('detail'));
        $this->place($product, 'glove-size-guide.jpg', [], View::usual('size guide'), Role::Guide);
        $this->order->followShotList($this->change($product));
        $this->adjust($product, 'Gauntlet', '+8.00');
        $this->say($product, [
            'breaks' => ['10', '5 %', 'unit', '50', '60', 'order'],
            'low mark' => ['4'],
            'least' => ['1'],
            'most' => ['60'],
        ]);
        $this->stock($product, [6, 10, 0, 14, 9, 4, 7]);
    }

    /** Still being built: axes without all pictures, and pictures named by somebody else. */
    private function cape(int $shotList): void
    {
        $product = $this->product('Rain cape', 'TB-CAPE', 'Outerwear > Capes', '72.00', '', $shotList, [
            new DraftAxis('Color', 'Moss, Slate'),
            new DraftAxis('Size', 'S/M, L/XL'),
        ]);
        $names = [
            'cape-moss-front' => 'IMG_4471.jpg',
            'cape-moss-back' => 'IMG_4472.jpg',
            'cape-slate-front' => 'cape slate (2).jpg',
            'cape-slate-back' => 'CAPE-SLT-BK.jpg',
        ];
        $this->receive->run(
            new Change($this->user, $product->id),
            array_map(
                fn(string $name, string $given): IncomingFile => new IncomingFile(
                    $this->folder() . "/{$name}.jpg",
                    $given,
                ),
                array_keys($names),
                $names,
            ),
        );
        $this->place($product, 'IMG_4471.jpg', ['Color' => 'Moss'], View::usual('front'), Role::Lead);
    }

    /** Four axes: sizes in two parts, and a kind that is not made in every length. */
    private function trousers(int $shotList): void
    {
        $product = $this->product(
            'Field trousers',
            'TB-FIELD',
            'Workwear > Trousers',
            '64.00',
            'Trousers for kneeling in, with room for pads.',
            $shotList,
            [
                new DraftAxis('Color', 'Bark, Slate'),
                new DraftAxis('Waist', '28, 30, 32, 34, 36, 38'),
                new DraftAxis('Leg', 'Short, Regular, Long', changesPicture: false),
                new DraftAxis('Knee', 'Plain, Padded'),
            ],
        );
        $this->leaveOut->run(
            $this->change($product),
            OfferCells::leaveOut($this->part($product, ['Leg' => 'Short', 'Knee' => 'Padded'])),
        );
        $this->photos($product, 'trousers-');
        foreach (['Bark', 'Slate'] as $color) {
            $this->place(
                $product,
                strtolower("trousers-{$color}-front.jpg"),
                ['Color' => $color],
                View::usual('front'),
                Role::Lead,
            );
        }
        $this->adjust($product, 'Padded', '', '12.5');
        $this->facts->set($this->change($product), new SayFact('Cloth', 'cotton canvas, 320 g/m²'));
        $this->facts->set($this->change($product), new SayFact('Washable', 'yes', FactKind::YesNo));
        $this->facts->set($this->change($product), new SayFact('Belt loops', '7', FactKind::Number));
        $this->stock($product, [5, 8, 3, 0, 6, 11, 2]);
    }

    /** No axis, one axis, and sizes in pairs. */
    private function smallGoods(int $shotList): void
    {
        $apron = $this->product(
            'Seed apron',
            'TB-APRON',
            'Aprons',
            '29.00',
            'Three pockets for packets, one for a pencil.',
            $shotList,
            [new DraftAxis('Color', 'Clay, Ink, Oat, Pewter')],
        );
        $this->photos($apron, 'apron-');
        foreach (['Clay', 'Ink', 'Pewter'] as $color) {
            $this->place(
                $apron,
                strtolower("apron-{$color}-front.jpg"),
                ['Color' => $color],
                View::usual('front'),
                Role::Lead,
            );
        }
        $this->facts->set($this->change($apron), new SayFact('Fits', 'everybody'));
        $this->say($apron, ['buyer text' => ['Name to embroider', '2', '18'], 'gift wrap' => ['3.50']]);
        $this->stock($apron, [21, 17, 9, 13]);
        $this->opening->value($this->change($apron), $this->id('axes', 'Color'), $this->id('axis_values', 'Ink'));

        $hat = $this->product(
            'Brim hat',
            'TB-HAT',
            'Hats',
            '34.00',
            'A wide brim that sheds rain at the back.',
            $shotList,
            [new DraftAxis('Color', 'Straw, Moss, Pewter'), new DraftAxis('Size', 'S/M, L/XL')],
        );
        $this->photos($hat, 'hat-');
        foreach (['Straw', 'Moss', 'Pewter'] as $color) {
            $this->place(
                $hat,
                strtolower("hat-{$color}-side.jpg"),
                ['Color' => $color],
                View::usual('front'),
                Role::Lead,
            );
        }
        $this->stock($hat, [7, 4, 12, 0, 3, 5]);

        $cushion = $this->product(
            'Kneeling cushion',
            'TB-CUSHION',
            'Cushions',
            '18.00',
            'Thick enough for gravel.',
            $shotList,
            [new DraftAxis('Pattern', 'Stripe, Check')],
        );
        $this->photos($cushion, 'cushion-');
        foreach (['Stripe', 'Check'] as $pattern) {
            $this->place(
                $cushion,
                strtolower("cushion-{$pattern}.jpg"),
                ['Pattern' => $pattern],
                View::usual('front'),
                Role::Lead,
            );
        }
        $this->place($cushion, 'cushion-turned.glb', [], View::usual('turned'));
        $this->stock($cushion, [30, 14]);
        $this->counting->run($this->change($cushion), Counting::Product);

        $twine = $this->product('Garden twine', 'TB-TWINE', 'Tools', '6.50', 'Jute, 80 m.', $shotList, []);
        $this->photos($twine, 'twine');
        $this->place($twine, 'twine.jpg', [], View::usual('front'), Role::Lead);
        $this->stock($twine, [55]);
    }

    private function adjust(Product $product, string $value, string $amount, string $percent = ''): void
    {
        $this->adjusting->run($this->change($product), $this->id('axis_values', $value), $amount, $percent);
    }

    /** @param  array<string, list<string>>  $details  kind => its fields as typed */
    private function say(Product $product, array $details, ?Selection $part = null): void
    {
        foreach ($details as $kind => $fields) {
            $part === null
                ? $this->said->ofProduct($this->change($product), DetailKind::from($kind), $fields)
                : $this->said->ofPart($this->change($product), DetailKind::from($kind), $part, $fields);
        }
    }

    /** Other words, other languages, and size runs, as they gather over time. */
    private function library(): void
    {
        foreach (
            [
                'Moss' => ['MOSS', '#5f7049', 'Olive, Lichen', "de: Moos\nfr: mousse"],
                'Clay' => ['CLAY', '#b5694a', 'Terracotta', "de: Ton\nfr: argile"],
                'Slate' => ['SLT', '#4c5d73', '', "de: Schiefer\nfr: ardoise"],
                'Oat' => ['OAT', '#d8c8a2', 'Ecru', 'de: Hafer'],
                'Ink' => ['INK', '#3c4068', 'Navy', 'de: Tinte'],
                'Stripe' => ['STR', 'stripes:#d8c8a2/#3c4068', '', ''],
                'Check' => ['CHC', 'checks:#d8c8a2/#8a3557', 'Gingham', ''],
            ]
            as $name => [$code, $swatch, $synonyms, $translations]
        ) {
            $this->values->run(
                $this->libraryChange(),
                $this->id('axis_values', $name),
                ValueForm::typed($name, $code, $synonyms, $translations),
            );
            $this->swatches->one($this->libraryChange(), $this->id('axis_values', $name), Swatch::read($swatch));
        }
        $this->axes->run(
            $this->libraryChange(),
            $this->id('axes', 'Pattern'),
            AxisForm::typed('Pattern', 'other', 'picture swatches', true),
        );
        $this->axes->run(
            $this->libraryChange(),
            $this->id('axes', 'Color'),
            AxisForm::typed('Color', 'color', 'color swatches', true, 'de: Farbe'),
        );
        $this->axes->run(
            $this->libraryChange(),
            $this->id('axes', 'Waist'),
            AxisForm::typed('Waist', 'size', 'list', false),
        );
        foreach (
            [
                ['XS–XXL', 'Size', 'XS, S, M, L, XL, XXL'],
                ['Pairs', 'Size', 'S/M, L/XL'],
                [
                    'EU 36–46',
                    'Shoe size',
                    'EU 36, EU 37, EU 38, EU 39, EU 40, EU 41, EU 42, EU 43, EU 44, EU 45, EU 46',
                ],
                ['Gloves 6–11', 'Glove size', '6, 7, 8, 9, 10, 11'],
                ['Legs', 'Leg', 'Short, Regular, Long'],
            ]
            as [$name, $axis, $values]
        ) {
            $this->runs->run($this->libraryChange(), null, $name, $this->id('axes', $axis), $values);
        }
        $this->patterns->run(
            $this->libraryChange(),
            null,
            'Clothes, size last',
            CodePattern::of(
                [CodePart::product(), CodePart::values(), CodePart::axis($this->id('axes', 'Size'))],
                '-',
                LetterCase::AsIs,
            ),
        );
        $this->patterns->run(
            $this->libraryChange(),
            null,
            'Numbered',
            CodePattern::of([CodePart::product(), CodePart::number('001')], '-', LetterCase::AsIs),
        );
        $this->ranges->run($this->libraryChange(), null, new GtinRangeForm('Within the shop', '2000001', '1', '9999'));
    }

    /** What came in today and waits in the intake. */
    private function intake(): void
    {
        $codes = $gtins = [];
        foreach (['trousers' => 'TB-FIELD', 'clog' => 'TB-CLOG'] as $name => $code) {
            $product = Product::query()->where('code', $code)->firstOrFail();
            $loaded = $this->loaded($product);
            foreach ($loaded->core->made as $sku) {
                $color = strtolower((string) ($loaded->core->matrix->choice($sku->cell)['Color'] ?? ''));
                $codes["{$name} {$color}"] ??= $sku->code;
                $gtins["{$name} {$color}"] ??= (string) DB::table('skus')->where('id', $sku->id)->value('gtin');
            }
        }
        $folder = sys_get_temp_dir() . '/slate-demo-' . bin2hex(random_bytes(4));
        (new TroubledDrop($this->folder()))->write($folder, $codes, $gtins);
        $paths = [];
        foreach (File::allFiles($folder) as $file) {
            $paths[$file->getRelativePathname()] = $file->getPathname();
        }
        ksort($paths, SORT_NATURAL);
        $announced = array_map(
            fn(string $name, string $path): AnnouncedFile => AnnouncedFile::of($name, (int) filesize($path), 'demo'),
            array_keys($paths),
            $paths,
        );
        $drop = $this->open->run($this->user, TroubledDrop::NAME, TroubledDrop::SENDER, null, $announced);
        foreach (
            array_combine(array_map(fn(AnnouncedFile $file): string => $file->print(), $announced), $paths)
            as $print => $path
        ) {
            $this->parts->run(
                $this->user,
                (int) DB::table('drop_files')->where('drop_id', $drop->id)->where('print', $print)->value('id'),
                0,
                (string) file_get_contents($path),
            );
        }
        File::deleteDirectory($folder);
    }

    private function libraryChange(): Change
    {
        return new Change($this->user, null, Library::whole()->version);
    }

    private function id(string $table, string $name): int
    {
        return (int) DB::table($table)->where('name', $name)->value('id');
    }

    /** @param  list<DraftAxis>  $axes */
    private function product(
        string $name,
        string $code,
        string $category,
        string $price,
        string $description,
        int $shotList,
        array $axes,
    ): Product {
        $product = $this->create->run($this->user, $name, $code, $shotList);
        foreach (
            ['brand' => 'Thrumbury', 'category' => $category, 'price' => $price, 'description' => $description]
            as $field => $value
        ) {
            $this->details->run($this->change($product), $field, $value);
        }
        $this->matrix->run($this->change($product), $axes, new MatrixChoices());
        foreach (
            ['Berry' => '#8a3557', 'Bark' => '#6a5445', 'Straw' => '#d8c27d', 'Pewter' => '#b9bcc0']
            as $color => $swatch
        ) {
            LibraryValue::query()
                ->where('name', $color)
                ->update(['swatch' => $swatch]);
        }

        return $product;
    }

    private function photos(Product $product, string $prefix): void
    {
        $files = glob($this->folder() . "/{$prefix}*.{jpg,mp4,glb}", GLOB_BRACE) ?: [];
        $this->receive->run(
            new Change($this->user, $product->id),
            array_map(fn(string $path): IncomingFile => new IncomingFile($path, basename($path)), $files),
        );
    }

    /** @param  array<string, string>  $where axis name => value label; nothing is the whole product */
    private function place(Product $product, string $file, array $where, View $view, ?Role $role = null): void
    {
        $id = DB::table('placements')->where('product_id', $product->id)->where('file_name', $file)->value('id');
        if ($id === null) {
            return;
        }
        $this->link->run(
            $this->change($product),
            [$id],
            $where === [] ? Selection::whole() : $this->part($product, $where),
        );
        $this->describe->view($this->change($product), [$id], $view);
        if ($role !== null) {
            $this->role->run($this->change($product), $id, $role);
        }
    }

    /** @param  list<int>  $units dealt out to the SKUs in turn */
    private function stock(Product $product, array $units): void
    {
        $loaded = $this->loaded($product);
        $byUnits = [];
        foreach (array_values($loaded->core->made) as $at => $sku) {
            $byUnits[$units[$at % count($units)]][] = $sku->cell->key;
            DB::table('skus')
                ->where('id', $sku->id)
                ->update(['gtin' => Gtin::fromBody(sprintf('20%010d', $sku->id)), 'weight_g' => 380]);
        }
        foreach ($byUnits as $count => $cells) {
            $this->stock->run(
                $this->change($product),
                Selection::fromKey(implode(';', $cells) ?: '*'),
                (string) $count,
            );
        }
    }

    /** @param  array<string, string>  $where */
    private function part(Product $product, array $where): Selection
    {
        $values = [];
        foreach ($this->loaded($product)->core->matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                if (($where[$axis->name] ?? null) === $value->label) {
                    $values[$axis->id] = $value->id;
                }
            }
        }

        return Selection::of(Reach::of(Clause::at(Combination::of($values))));
    }

    private function loaded(Product $product): LoadedProduct
    {
        return $this->loader->load(Product::query()->findOrFail($product->id));
    }

    private function change(Product $product): Change
    {
        return new Change($this->user, $product->id, Product::query()->whereKey($product->id)->value('version'));
    }

    private function folder(): string
    {
        return database_path('demo/photos');
    }
}
