<?php

declare(strict_types=1);

namespace App\Models;

use Core\Gallery\Coverage\ShotList;
use Core\Gallery\Views;
use Illuminate\Database\Eloquent\Model;

/**
 * The views that a kind of product needs.
 *
 * @property int $id
 * @property string $name
 * @property string $folded
 * @property list<string> $views keys, in order
 * @property list<string> $required keys
 */
final class ShotListRecord extends Model
{
    public $timestamps = false;

    protected $table = 'shot_lists';

    protected $guarded = [];

    public function toCore(Views $views): ShotList
    {
        $known = fn(array $keys): array => array_values(array_filter(array_map($views->find(...), $keys)));

        return ShotList::of($known($this->views), $known($this->required));
    }

    public function requires(string $viewKey): bool
    {
        return in_array($viewKey, $this->required, true);
    }

    protected function casts(): array
    {
        return ['views' => 'array', 'required' => 'array'];
    }
}
