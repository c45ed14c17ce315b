<?php

declare(strict_types=1);

namespace App\Models;

use Core\Changes\Matrix\SharedAxis;
use Core\Changes\Matrix\SharedValue;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Typed\KnownValues;
use Core\Sizes\SizeRun;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string $folded
 * @property AxisKind $kind
 * @property AxisDisplay $display
 * @property bool $changes_picture
 * @property array<string, string> $translations language tag => name
 * @property Collection<int, LibraryValue> $values
 * @property Collection<int, SizeRunRecord> $runs
 */
final class LibraryAxis extends Model
{
    public $timestamps = false;

    protected $table = 'axes';

    protected $guarded = [];

    /** @return HasMany<LibraryValue, $this> */
    public function values(): HasMany
    {
        $values = $this->hasMany(LibraryValue::class, 'axis_id');
        $values->orderBy('position')->orderBy('id');

        return $values;
    }

    /** @return HasMany<SizeRunRecord, $this> */
    public function runs(): HasMany
    {
        $runs = $this->hasMany(SizeRunRecord::class, 'axis_id');
        $runs->orderBy('name');

        return $runs;
    }

    /** @return list<SizeRun> with the names of the values, which have to be loaded */
    public function sizeRuns(): array
    {
        $names = $this->values->pluck('name', 'id');

        return array_values(
            $this->runs
                ->map(
                    fn(SizeRunRecord $run): SizeRun => new SizeRun(
                        $run->name,
                        array_values(
                            array_filter(array_map(fn(int $id): ?string => $names[$id] ?? null, $run->value_ids)),
                        ),
                    ),
                )
                ->all(),
        );
    }

    /** With its values and runs, which have to be loaded. */
    public function toCore(): SharedAxis
    {
        return new SharedAxis(
            $this->id,
            $this->name,
            $this->folded,
            $this->kind,
            $this->changes_picture,
            $this->display,
            $this->values->keyBy('id')->map(fn(LibraryValue $value): SharedValue => $value->toCore())->all(),
            $this->sizeRuns(),
        );
    }

    /** Its values under all their names; they have to be loaded. */
    public function knownValues(): KnownValues
    {
        $words = [];
        foreach ($this->values as $value) {
            array_push($words, ...$value->otherWords());
        }

        return new KnownValues($this->values->pluck('name', 'id')->all(), [], $words, $this->kind);
    }

    protected function casts(): array
    {
        return [
            'kind' => AxisKind::class,
            'display' => AxisDisplay::class,
            'translations' => 'array',
            'changes_picture' => 'boolean',
        ];
    }
}
