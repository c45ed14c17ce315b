<?php

declare(strict_types=1);

namespace App\Models;

use Core\Gallery\ShotList;
use Core\Gallery\View;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property list<string> $views
 * @property list<string> $required
 */
final class ShotListRecord extends Model
{
    public $timestamps = false;

    protected $table = 'shot_lists';

    protected $guarded = [];

    public function toCore(): ShotList
    {
        return new ShotList(array_map(View::from(...), $this->views), array_map(View::from(...), $this->required));
    }

    protected function casts(): array
    {
        return ['views' => 'array', 'required' => 'array'];
    }
}
