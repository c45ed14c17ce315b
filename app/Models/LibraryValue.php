<?php

declare(strict_types=1);

namespace App\Models;

use Core\Matrix\Value;
use Core\Text\Name;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $axis_id
 * @property string $name
 * @property string $folded
 * @property string $code
 * @property ?string $swatch one color "#5f7049", or two or three joined by "/"
 * @property int $position
 * @property list<string> $synonyms other words for it
 * @property array<string, string> $translations language tag => name
 * @property LibraryAxis $axis
 */
final class LibraryValue extends Model
{
    public $timestamps = false;

    protected $table = 'axis_values';

    protected $guarded = [];

    /** A value new to the library, after the others of its axis. */
    public static function add(int $axisId, Value $value, ?string $swatch = null): self
    {
        return self::create([
            'axis_id' => $axisId,
            'name' => $value->label,
            'folded' => Name::of($value->label)->folded,
            'code' => $value->code,
            'swatch' => $swatch,
            'position' => 1 + (int) self::query()->where('axis_id', $axisId)->max('position'),
        ]);
    }

    /** @return list<array{int, string}> its id and each of its synonyms and translations */
    public function otherWords(): array
    {
        return array_map(fn (string $word): array => [$this->id, $word], [...$this->synonyms, ...array_values($this->translations)]);
    }

    /** What a dialog showed of it, to tell whether somebody changed it meanwhile, from wherever. */
    public function seen(): string
    {
        return Seen::of($this->name, $this->code, $this->swatch, $this->synonyms, $this->translations);
    }

    /** @return BelongsTo<LibraryAxis, $this> */
    public function axis(): BelongsTo
    {
        return $this->belongsTo(LibraryAxis::class, 'axis_id');
    }

    protected function casts(): array
    {
        return ['synonyms' => 'array', 'translations' => 'array'];
    }
}
