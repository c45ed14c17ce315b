<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One file of a drop: how far it has arrived, what a person said of it, and as what it was accepted.
 *
 * @property int $id
 * @property int $drop_id
 * @property string $print
 * @property string $file
 * @property string $folder the folders it lay in, the archive first where it came in one
 * @property int $bytes
 * @property int $received
 * @property DropFileState $state
 * @property string $remark why it was refused, or what is unusual about it
 * @property ?int $archive_id the archive it came in
 * @property ?int $photo_id
 * @property string $title written in the picture
 * @property string $keywords
 * @property ?int $said_product_id
 * @property ?string $said_view
 * @property ?string $batch_id the batch that links it
 * @property ?int $to_product_id
 * @property ?string $to_reach
 * @property ?string $to_view
 * @property int $to_place its place among those of its batch and product
 * @property ?int $replaces_id the placement whose file it takes
 * @property ?int $changed_ms when the file was changed last, in milliseconds since 1970, as whoever sent it told
 * @property Carbon $updated_at
 */
final class DropFile extends Model
{
    public const CREATED_AT = null;

    protected $guarded = [];

    protected function casts(): array
    {
        return [
            'state' => DropFileState::class,
            'bytes' => 'integer',
            'received' => 'integer',
            'to_place' => 'integer',
        ];
    }
}
