<?php

declare(strict_types=1);

namespace App\Models;

use Core\Gallery\Showing;
use Core\Gallery\View;
use Illuminate\Database\Eloquent\Model;

/**
 * What pictures can show, as the library knows it.
 *
 * @property int $id
 * @property string $key what placements and shot lists know it by
 * @property string $name
 * @property string $folded
 * @property Showing $showing
 * @property list<string> $words
 * @property list<string> $loose_words
 * @property array<string, string> $translations by language tag
 * @property int $position
 */
final class LibraryView extends Model
{
    public $timestamps = false;

    protected $table = 'views';

    protected $guarded = [];

    public function toCore(): View
    {
        return new View($this->key, $this->name, $this->showing, $this->words, $this->loose_words);
    }

    protected function casts(): array
    {
        return ['words' => 'array', 'loose_words' => 'array', 'translations' => 'array', 'showing' => Showing::class];
    }
}
