<?php

declare(strict_types=1);

namespace App\Models;

use Core\Changes\Matrix\SharedValue;
use Core\Color\Swatches\Swatch;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $axis_id
 * @property string $name
 * @property string $folded
 * @property string $code
 * @property ?string $swatch as Core\Color\Swatches\Swatch writes it
 * @property ?int $swatch_photo_id the picture that it is a piece of
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

    /** @return list<array{int, string}> its id and each of its synonyms and translations */
    public function otherWords(): array
    {
        return array_map(fn(string $word): array => [$this->id, $word], [
            ...$this->synonyms,
            ...array_values($this->translations),
        ]);
    }

    public function toCore(): SharedValue
    {
        $words = [...$this->synonyms, ...array_values($this->translations)];

        return new SharedValue($this->id, $this->name, $this->code, $words, $this->look());
    }

    /** What it is shown by. */
    public function look(): ?Swatch
    {
        return $this->swatch === null ? null : Swatch::read($this->swatch);
    }

    /** What a dialog showed of it, to tell whether somebody changed it meanwhile, from wherever. */
    public function seen(): string
    {
        return RowFingerprint::of($this->name, $this->code, $this->synonyms, $this->translations);
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
