<?php

declare(strict_types=1);

namespace App\Store\Library;

use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;
use Core\Product\Document\IndexedAxis;
use Core\Product\Document\LibraryIndex;
use Core\Product\LibraryRef;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The library by ids and names, for writing products for another catalog and reading them in this one. */
final readonly class LibraryReader
{
    public function __construct(private ViewShelf $shelf) {}

    /** @param  ?list<int>  $photoIds  pictures whose checksums are wanted; null for all */
    public function index(?array $photoIds = null): LibraryIndex
    {
        $values = [];
        foreach (
            DB::table('axis_values')
                ->orderBy('position')
                ->orderBy('id')
                ->get(['id', 'axis_id', 'name', 'code'])
            as $row
        ) {
            $values[$row->axis_id][] = new Value($row->id, $row->name, $row->code);
        }
        $axes = DB::table('axes')
            ->orderBy('id')
            ->get()
            ->map(
                fn(stdClass $row): IndexedAxis => new IndexedAxis(
                    $row->id,
                    $row->name,
                    AxisKind::from($row->kind),
                    (bool) $row->changes_picture,
                    AxisDisplay::from($row->display),
                    $values[$row->id] ?? [],
                ),
            );
        $photos = DB::table('photos')
            ->when($photoIds !== null, fn($query) => $query->whereIn('id', $photoIds ?? []))
            ->pluck('sha256', 'id');

        return new LibraryIndex(
            array_values($axes->all()),
            $this->shelf->views(),
            self::refs('shot_lists'),
            self::refs('code_patterns'),
            $photos->all(),
        );
    }

    /**
     * The library with some pictures alone.
     *
     * @param  list<string>  $checksums  those that are wanted, where they are stored
     */
    public function indexWith(array $checksums): LibraryIndex
    {
        $ids = DB::table('photos')->whereIn('sha256', $checksums)->pluck('id')->all();

        return $this->index(array_values(array_map(intval(...), $ids)));
    }

    /** @return list<LibraryRef> */
    private static function refs(string $table): array
    {
        $names = DB::table($table)->orderBy('id')->pluck('name', 'id')->all();

        return array_map(
            fn(int $id, string $name): LibraryRef => new LibraryRef($id, $name),
            array_keys($names),
            $names,
        );
    }
}
