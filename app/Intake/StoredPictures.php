<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\PhotoState;
use App\Store\Library\SwatchUses;
use App\Summaries\Lists\SearchWords;
use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Names\ColorNames;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Text\Name;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Finds pictures that are stored, used or not, by what is known of them. */
final class StoredPictures
{
    public const PAGE = 60;

    /** Newest pictures that are looked through for a color. */
    private const MOST_MEASURED = 20_000;

    /** ΔE00 up to which a picture has a color. */
    private const NEAR = 12.0;

    /** @return list<StoredPicture> the newest first; one more than a page where there are more */
    public function find(StoredQuery $asked): array
    {
        $photos = DB::table('photos')
            ->where('photos.state', PhotoState::Ready->value)
            ->when($asked->after !== null, fn(Builder $query) => $query->where('photos.id', '<', $asked->after))
            ->when(
                $asked->leastSide > 0,
                fn(Builder $query) => $query->whereRaw('GREATEST(photos.width, photos.height) >= ?', [
                    $asked->leastSide,
                ]),
            )
            ->when(
                $asked->since !== null,
                fn(Builder $query) => $query->where('photos.created_at', '>=', $asked->since),
            )
            ->when(
                $asked->isUnused,
                fn(Builder $query) => SwatchUses::none($query)
                    ->whereNotExists(
                        fn(Builder $placements) => $placements
                            ->from('placements')
                            ->whereColumn('placements.photo_id', 'photos.id'),
                    )
                    ->whereNotExists(
                        fn(Builder $banners) => $banners->from('banners')->whereColumn('banners.photo_id', 'photos.id'),
                    ),
            )
            ->when(
                $asked->productId !== null,
                fn(Builder $query) => $query->whereExists(
                    fn(Builder $placements) => $placements
                        ->from('placements')
                        ->whereColumn('placements.photo_id', 'photos.id')
                        ->where('placements.product_id', $asked->productId),
                ),
            )
            ->when(
                $asked->name !== '',
                fn(Builder $query) => $query->where(
                    fn(Builder $either) => $either
                        ->whereIn(
                            'photos.id',
                            DB::table('placements')
                                ->where('file_name', 'like', '%' . SearchWords::beginning($asked->name))
                                ->select('photo_id'),
                        )
                        ->orWhereIn(
                            'photos.id',
                            DB::table('drop_files')
                                ->whereNotNull('photo_id')
                                ->where('file', 'like', '%' . SearchWords::beginning($asked->name))
                                ->select('photo_id'),
                        ),
                ),
            )
            ->when(
                $asked->color !== null,
                fn(Builder $query) => $query->whereIn('photos.id', $this->ofColor($asked->color ?? Srgb::packed(0))),
            )
            ->orderByDesc('photos.id')
            ->limit(self::PAGE + 1)
            ->get(['id', 'width', 'height', 'bytes', 'created_at'])
            ->all();
        $ids = array_column($photos, 'id');
        $names = DB::table('drop_files')->whereIn('photo_id', $ids)->pluck('file', 'photo_id')->all();
        $names = DB::table('placements')->whereIn('photo_id', $ids)->pluck('file_name', 'photo_id')->all() + $names;
        $uses = DB::table('placements')
            ->whereIn('photo_id', $ids)
            ->groupBy('photo_id')
            ->selectRaw('photo_id, count(*) as uses')
            ->pluck('uses', 'photo_id')
            ->all();

        return array_values(
            array_map(
                fn($photo): StoredPicture => new StoredPicture(
                    (int) $photo->id,
                    (string) ($names[$photo->id] ?? "picture {$photo->id}"),
                    (int) $photo->width,
                    (int) $photo->height,
                    (int) $photo->bytes,
                    (string) $photo->created_at,
                    (int) ($uses[$photo->id] ?? 0),
                ),
                $photos,
            ),
        );
    }

    /**
     * What is meant by a color as somebody types it: a value of the shop's by its swatch, a color's name, or figures.
     */
    public function color(string $typed): ?Srgb
    {
        $folded = Name::of($typed)->folded;
        $swatch =
            $folded === ''
                ? null
                : DB::table('axis_values')->where('folded', $folded)->whereNotNull('swatch')->value('swatch');
        $hex = match (true) {
            is_string($swatch) => Swatch::read($swatch)->main()->hex(),
            preg_match('/^#?[0-9a-f]{6}$/i', trim($typed)) === 1 => $typed,
            default => ColorNames::hex($folded),
        };

        return $hex === null ? null : Srgb::fromHex($hex);
    }

    /** @return list<int> of the newest pictures those whose main color is near one */
    private function ofColor(Srgb $wanted): array
    {
        $lab = Lab::of($wanted);
        $ids = [];
        foreach (
            DB::table('photo_looks')->orderByDesc('photo_id')->limit(self::MOST_MEASURED)->pluck('colors', 'photo_id')
            as $id => $colors
        ) {
            $main = json_decode($colors, true)[0][0] ?? null;
            if (is_string($main) && ColorDifference::ciede2000(Lab::of(Srgb::fromHex($main)), $lab) <= self::NEAR) {
                $ids[] = (int) $id;
            }
        }

        return $ids;
    }
}
