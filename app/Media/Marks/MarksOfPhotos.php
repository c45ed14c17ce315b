<?php

declare(strict_types=1);

namespace App\Media\Marks;

use App\Models\Photo;
use Core\Matching\Cards\CardCode;
use Illuminate\Support\Facades\DB;

/** Keeps what pictures say of how they were taken, beside them. */
final class MarksOfPhotos
{
    private const CHUNK = 1_000;

    public static function keep(Photo $photo, PictureMarks $marks): void
    {
        DB::table('photo_marks')->upsert(
            [
                [
                    'photo_id' => $photo->id,
                    'taken_at' => $marks->takenAt,
                    'camera' => $marks->camera,
                    'codes' => json_encode($marks->codes, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                    'is_card' => self::hasCard($marks->codes),
                ],
            ],
            'photo_id',
        );
    }

    /**
     * @param  list<int>  $photoIds
     * @return array<int, PictureMarks> by photo id; of those that were looked through
     */
    public static function of(array $photoIds): array
    {
        $marks = [];
        foreach (array_chunk($photoIds, self::CHUNK) as $chunk) {
            foreach (DB::table('photo_marks')->whereIn('photo_id', $chunk)->get() as $row) {
                /** @var list<string> $codes */
                $codes = json_decode($row->codes, true, flags: JSON_THROW_ON_ERROR);
                $marks[(int) $row->photo_id] = new PictureMarks($row->taken_at, $row->camera, $codes);
            }
        }

        return $marks;
    }

    /** @param  list<string>  $codes */
    private static function hasCard(array $codes): bool
    {
        foreach ($codes as $code) {
            if (CardCode::read($code) !== null) {
                return true;
            }
        }

        return false;
    }
}
