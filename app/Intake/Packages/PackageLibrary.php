<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Models\Packages\Package;
use App\Store\Library\Portable\PortableRow;
use Core\Gallery\Showing;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;
use Core\Product\Document\IndexedAxis;
use Core\Product\Document\LibraryIndex;
use Core\Product\LibraryRef;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** The library that comes with a package: its rows, and what its products name of them. */
final class PackageLibrary
{
    /** Below the ids that a document gives to what nobody knows. */
    private int $lastId = -1_000_000;

    /** @param  array<string, list<PortableRow>>  $rows  by table */
    public function __construct(public readonly array $rows) {}

    public static function of(Package $package): self
    {
        $rows = [];
        foreach ($package->library as $table => $lines) {
            foreach ($lines as [$number, $cells]) {
                $rows[$table][] = new PortableRow("{$table}.csv", $number, $cells);
            }
        }

        return new self($rows);
    }

    /**
     * @param  array<string, list<PortableRow>>  $rows  by table
     * @return array<string, list<array{int, array<string, string>}>>
     */
    public static function encode(array $rows): array
    {
        return array_map(
            fn(array $own): array => array_map(fn(PortableRow $row): array => [$row->number, $row->cells], $own),
            $rows,
        );
    }

    /** As an index under ids below zero, with the pictures of the package. */
    public function index(Package $package): LibraryIndex
    {
        $photos = [];
        foreach (DB::table('package_photos')->where('package_id', $package->id)->pluck('sha256') as $sum) {
            $photos[--$this->lastId] = $sum;
        }

        return new LibraryIndex(
            $this->axes(),
            new Views(
                array_map(
                    fn(PortableRow $row): View => new View(
                        $row->text('key'),
                        $row->text('name'),
                        Showing::tryFrom($row->text('showing')) ?? Showing::Goods,
                    ),
                    $this->rows['views'] ?? [],
                ),
            ),
            $this->refs('shot-lists'),
            $this->refs('code-patterns'),
            $photos,
        );
    }

    /** @return list<IndexedAxis> */
    private function axes(): array
    {
        $values = [];
        foreach ($this->rows['values'] ?? [] as $row) {
            $values[Name::of($row->text('axis'))->folded][] = new Value(
                --$this->lastId,
                $row->text('value'),
                $row->text('code'),
            );
        }

        return array_map(
            fn(PortableRow $row): IndexedAxis => new IndexedAxis(
                --$this->lastId,
                $row->text('name'),
                AxisKind::tryFrom($row->text('kind')) ?? AxisKind::Other,
                $row->isTrue('changes_picture'),
                AxisDisplay::tryFrom($row->text('display')) ?? AxisDisplay::Buttons,
                $values[Name::of($row->text('name'))->folded] ?? [],
            ),
            $this->rows['axes'] ?? [],
        );
    }

    /** @return list<LibraryRef> */
    private function refs(string $table): array
    {
        return array_map(
            fn(PortableRow $row): LibraryRef => new LibraryRef(--$this->lastId, $row->text('name')),
            $this->rows[$table] ?? [],
        );
    }
}
