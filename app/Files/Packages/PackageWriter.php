<?php

declare(strict_types=1);

namespace App\Files\Packages;

use App\Media\PhotoStore;
use App\Media\WorkFolder;
use App\Models\Photo;
use App\Models\Product;
use App\Refusals\PackageRefused;
use App\Store\ConsistentRead;
use App\Store\Library\LibraryReader;
use App\Store\Library\Portable\PortableColumn;
use App\Store\Library\Portable\PortableLibrary;
use App\Store\Products\ProductLoader;
use Core\Product\Document\LibraryIndex;
use Core\Product\Document\ProductDocument;
use ZipArchive;

/**
 * Writes products, the library and their pictures as a package: a ZIP that holds a Frictionless Data Package. Products
 * are written some at a time, and all as they are at one moment.
 */
final class PackageWriter
{
    public const DESCRIPTOR = 'datapackage.json';

    public const DOCUMENTS = 'documents/products.jsonl';

    public const FORMAT = 'slate package';

    public const VERSION = 1;

    private const CHUNK = 100;

    /** Places of columns in the tables of products and placements. */
    private const CATEGORY = 4;

    private const FILE = 2;

    private const CHECKSUM = 3;

    public function __construct(
        private readonly ProductLoader $loader,
        private readonly LibraryReader $reader,
        private readonly PortableLibrary $library,
        private readonly DocumentTables $tables,
        private readonly PhotoStore $photos,
        private readonly WorkFolder $folders,
    ) {}

    /**
     * @param  list<int>  $productIds  in the order of the package
     * @param  string  $path  of the file, which is written whole or not at all
     * @return WrittenPackage what is in it
     *
     * @throws PackageRefused where it cannot be written
     */
    public function write(array $productIds, string $path): WrittenPackage
    {
        return $this->folders->within(function (string $folder) use ($productIds, $path): WrittenPackage {
            $files = ConsistentRead::of(fn(): PackedFiles => $this->tables($productIds, $folder));

            return $this->packed($files, $folder, $path);
        });
    }

    /** @param  list<int>  $productIds */
    private function tables(array $productIds, string $folder): PackedFiles
    {
        $files = new PackedFiles($folder);
        $index = $this->reader->index();
        foreach ($this->library->tables() as $table) {
            $described = PackageTable::ofLibrary($table);
            $files->begin($described);
            foreach ($table->rows() as $row) {
                $files->row($described->name, $row);
            }
        }
        foreach ($this->tables->all() as $table) {
            $files->begin($table);
        }
        $photos = $categories = [];
        foreach (array_chunk($productIds, self::CHUNK) as $chunk) {
            foreach ($this->documents($chunk, $index) as $id => $document) {
                $files->document($document->json);
                $rows = $this->tables->rows($document);
                foreach ($rows as $table => $own) {
                    foreach ($own as $row) {
                        $files->row($table, $row);
                    }
                }
                $categories += array_fill_keys(array_column($rows['products'] ?? [], self::CATEGORY), true);
                $photos += array_column($rows['placements'] ?? [], self::FILE, self::CHECKSUM);
                $photos += array_fill_keys($document->checksums(), '');
            }
        }
        foreach (array_keys($categories) as $category) {
            if ($category !== '') {
                $files->row('categories', [(string) $category]);
            }
        }
        $this->photos($files, $photos + array_fill_keys($this->library->pictures(), ''));

        return $files;
    }

    /**
     * @param  list<int>  $productIds
     * @return array<int, ProductDocument> by product id, in this order
     */
    private function documents(array $productIds, LibraryIndex $index): array
    {
        $products = Product::query()->standing()->whereKey($productIds)->get();
        $loaded = $this->loader->loadMany(array_values($products->all()));
        $documents = [];
        foreach ($productIds as $id) {
            if (isset($loaded[$id])) {
                $documents[$id] = ProductDocument::of($loaded[$id]->core->state, $index);
            }
        }

        return $documents;
    }

    /** @param  array<string|int, string>  $names  by checksum */
    private function photos(PackedFiles $files, array $names): void
    {
        $table = self::photoTable();
        $files->begin($table);
        foreach (array_chunk(array_map(strval(...), array_keys($names)), self::CHUNK) as $sums) {
            foreach (Photo::query()->whereIn('sha256', $sums)->orderBy('sha256')->get() as $photo) {
                $name = self::fileName($names[$photo->sha256], $photo);
                $files->row($table->name, [$photo->sha256, $name, $photo->type, (string) $photo->bytes]);
                $files->photo($name, PhotoStore::originalPath($photo->sha256, $photo->type));
            }
        }
    }

    public static function photoTable(): PackageTable
    {
        return new PackageTable(
            'photos',
            'The files of the pictures, each once.',
            [
                PortableColumn::key('sha256', 'SHA-256 of its bytes.'),
                new PortableColumn('path', 'Where it lies in this package.', isRequired: true),
                new PortableColumn('type', 'How its file ends.', isRequired: true),
                new PortableColumn('bytes', 'How large it is.', 'integer', true),
            ],
            ['sha256'],
        );
    }

    /** A name that people recognize, and that no other picture has. */
    private static function fileName(string $called, Photo $photo): string
    {
        $stem = (string) preg_replace('/[^A-Za-z0-9]+/', '-', pathinfo($called, PATHINFO_FILENAME));
        $stem = trim(substr($stem, 0, 60), '-');

        return 'photos/' . ltrim("{$stem}-", '-') . substr($photo->sha256, 0, 16) . ".{$photo->type}";
    }

    private function packed(PackedFiles $files, string $folder, string $path): WrittenPackage
    {
        $zip = new ZipArchive();
        $part = "{$folder}/package.zip";
        if ($zip->open($part, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw new PackageRefused('The package cannot be written: the server has too little room.');
        }
        $zip->addFromString(self::DESCRIPTOR, $this->descriptor($files->resources()));
        foreach ($files->closed() as $name => $file) {
            $zip->addFile($file, $name);
        }
        $lost = [];
        foreach ($files->photos() as $name => $original) {
            $local = $this->local($original, $folder);
            if ($local === null) {
                $lost[] = $name;

                continue;
            }
            $zip->addFile($local, $name);
            // A picture is packed already.
            $zip->setCompressionName($name, ZipArchive::CM_STORE);
        }
        if (!$zip->close()) {
            throw new PackageRefused('The package cannot be written: the server has too little room.');
        }
        if ($lost !== []) {
            throw PackageRefused::lost($lost);
        }
        $stream = fopen($part, 'rb');
        if ($stream === false || @file_put_contents($path, $stream) === false) {
            throw new PackageRefused("{$path} cannot be written. Is there room?");
        }
        fclose($stream);

        return new WrittenPackage($files->products(), count($files->photos()));
    }

    /** @return ?string where an original can be read on this machine; null where it is not there */
    private function local(string $original, string $folder): ?string
    {
        $disk = $this->photos->disk();
        if (!$disk->exists($original)) {
            return null;
        }
        if (is_file($disk->path($original))) {
            return $disk->path($original);
        }
        $local = "{$folder}/" . basename($original);
        $stream = $disk->readStream($original);
        if ($stream === null || file_put_contents($local, $stream) === false) {
            return null;
        }
        fclose($stream);

        return $local;
    }

    /** @param  list<array<string, mixed>>  $resources */
    private function descriptor(array $resources): string
    {
        return json_encode(
            [
                'profile' => 'data-package',
                'name' => 'indigo-slate-catalog',
                'title' => 'A catalog of products, with their matrix, pictures and library',
                'description' =>
                    'The tables are for people and their tools. What is read again: documents/products.jsonl, the ' .
                    'tables of the library, and photos.',
                'created' => now()->toIso8601String(),
                'format' => self::FORMAT,
                'version' => self::VERSION,
                'resources' => $resources,
            ],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        ) . "\n";
    }
}
