<?php

declare(strict_types=1);

namespace App\Models;

use Core\Gallery\Crop;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The picture at the head of a category, or of a landing page.
 *
 * @property int $id
 * @property BannerKind $kind
 * @property string $name
 * @property string $folded
 * @property int $photo_id
 * @property string $file_name
 * @property string $crop key of its focus and frame
 * @property string $alt_text
 * @property Photo $photo
 */
final class Banner extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Photo, $this> */
    public function photo(): BelongsTo
    {
        return $this->belongsTo(Photo::class);
    }

    public function focus(): Crop
    {
        return Crop::fromKey($this->crop);
    }

    protected function casts(): array
    {
        return ['kind' => BannerKind::class];
    }
}
