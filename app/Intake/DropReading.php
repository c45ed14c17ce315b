<?php

declare(strict_types=1);

namespace App\Intake;

use App\Media\Looks\NearDoubles;
use App\Media\Looks\PhotoLook;
use App\Media\Looks\PhotoLooks;
use App\Media\Marks\MarksOfPhotos;
use App\Media\Marks\PictureMarks;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Photo;
use App\Models\PhotoState;
use App\Store\Clauses;
use App\Store\ConsistentRead;
use App\Store\Library\ViewShelf;
use App\Store\Words\ShopWords;
use Core\Matching\Drop\DropFileStatus;
use Core\Matching\Drop\DropPicture;
use Core\Matching\Drop\DuplicateCandidate;
use Core\Matching\Drop\DuplicateKind;
use Core\Matching\Drop\Duplicates;
use Core\Matching\Drop\ProductPicture;
use Core\Matching\DropReader;
use Core\Matching\Names\DroppedName;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\Lexicon;
use Core\Matching\SeenPicture;
use Core\Matching\Shoots\TakenPicture;
use Core\Reach\Reach;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Reads a drop as it stands now: its names with the shop's words of now, its pictures, and what the products have
 * already.
 */
final class DropReading
{
    private const CHUNK = 1_000;

    public function __construct(
        private readonly ShopWords $words,
        private readonly Resemblances $resemblances,
        private readonly ViewShelf $shelf,
    ) {}

    /** As it stands at one moment: what another person accepts meanwhile is seen as a whole, or not at all. */
    public function of(Drop $drop): ReadDrop
    {
        return ConsistentRead::of(fn(): ReadDrop => $this->read($drop));
    }

    /**
     * Files that were read before, as they stand now that they are settled, or taken up again; what others have that
     * shows the same is not looked at.
     *
     * @param  array<int, ReadFile>  $read  by id
     * @return array<int, ReadFile>
     */
    public function settled(Drop $drop, array $read): array
    {
        $files = DropFile::query()->whereKey(array_keys($read))->get()->keyBy('id')->all();
        $links = $this->links($drop, array_keys($read));
        $productIds = array_map(fn(DropFile $file): int => (int) $file->to_product_id, array_values($files));
        $lexicon = $this->words->of([], null, '', array_values(array_unique(array_filter($productIds))));

        return array_map(function (ReadFile $one) use ($files, $links, $lexicon): ReadFile {
            $file = $files[$one->file->id];
            [$status, $why] = $this->standing($file, $one->photoState, $one->look === null, $links[$file->id] ?? null);
            $linkedTo = self::linkedTo($file, $status);

            return $one->settled(
                $file,
                $status ?? DropFileStatus::ofVerdict($one->verdict),
                $linkedTo === null ? null : $this->product($lexicon, $file->to_product_id),
                $linkedTo,
                $why,
            );
        }, array_intersect_key($read, $files));
    }

    private function read(Drop $drop): ReadDrop
    {
        $files = DropFile::query()
            ->where('drop_id', $drop->id)
            ->whereNotIn('state', DropFileState::apart())
            ->orderBy('id')
            ->get()
            ->keyBy('id')
            ->all();
        $stored = array_filter($files, fn(DropFile $file): bool => $file->photo_id !== null);
        $photos = $this->photos($stored);
        $looks = PhotoLooks::of(array_keys($photos));
        $marks = MarksOfPhotos::of(array_keys($photos));
        $cards = CardsInPictures::of($marks);
        $names = array_map(
            fn(DropFile $file): DroppedName => new DroppedName(
                $file->file,
                $file->folder,
                $file->title,
                $file->keywords,
                $file->said_product_id,
                $this->shelf->views()->find($file->said_view),
                $marks[$file->photo_id]->codes ?? [],
            ),
            $stored,
        );
        $twins = NearDoubles::of(array_keys($photos));
        $seen = $this->seen($stored, $looks, $twins);
        $lexicon = $this->words->of($names, $drop->product, $drop->sender, [
            ...Resemblances::products($seen),
            ...$cards->productIds(),
            ...array_filter(array_map(fn(DropFile $file): ?int => $file->to_product_id, array_values($stored))),
        ]);
        $taken = $this->taken($stored, $marks, $cards, $lexicon);
        $verdicts = (new DropReader($lexicon))->read($names, $drop->product_id, $seen, $taken);
        $links = $this->links($drop);

        $read = [];
        foreach ($files as $id => $file) {
            $verdict = $verdicts[$id] ?? null;
            $photo = $photos[$file->photo_id] ?? null;
            $look = $looks[$file->photo_id] ?? null;
            [$status, $why] = $this->arrived($file, $photo, $look, $links[$id] ?? null);
            if ($status === null && ($taken[$id]->isCard ?? false)) {
                $words = $taken[$id]->card?->words;
                [$status, $why] = [
                    DropFileStatus::Card,
                    $words === null ? 'No product that is here has this card.' : "What was taken after it is {$words}.",
                ];
            }
            $linkedTo = self::linkedTo($file, $status);
            $product =
                $linkedTo === null
                    ? $this->product($lexicon, $verdict?->productId)
                    : $this->product($lexicon, $file->to_product_id);
            $read[$id] = new ReadFile(
                $file,
                $status ?? DropFileStatus::ofVerdict($verdict),
                $verdict,
                $product,
                $look,
                $photo?->state,
                $photo->width ?? 0,
                $photo->height ?? 0,
                [],
                $why,
                $linkedTo,
            );
        }
        return new ReadDrop($drop, $this->compared($read, $twins), $this->shelf->views());
    }

    /**
     * How a file stands whatever its name says; null where the reading decides.
     *
     * @return array{?DropFileStatus, string} with why
     */
    private function arrived(DropFile $file, ?Photo $photo, ?PhotoLook $look, ?stdClass $link): array
    {
        [$status, $why] = $this->standing($file, $photo?->state, $look === null, $link);

        return in_array($status, [DropFileStatus::Broken, DropFileStatus::Looking], true)
            ? [$status, (string) $photo?->failure]
            : [$status, $why];
    }

    /** @return array{?DropFileStatus, string} with why, as far as the file and its link say it */
    private function standing(DropFile $file, ?PhotoState $photo, bool $isLooking, ?stdClass $link): array
    {
        $linking = LinkingState::of($link);

        return match (true) {
            $file->state === DropFileState::Refused => [DropFileStatus::Refused, $file->remark],
            $photo === null => [DropFileStatus::Arriving, ''],
            $linking->isStanding() => [DropFileStatus::Linked, ''],
            $linking->isUnderway() => [DropFileStatus::Underway, ''],
            $file->state === DropFileState::Aside => [DropFileStatus::Aside, ''],
            $linking->isRefused() => [DropFileStatus::NotLinked, (string) $link?->words],
            in_array($photo, [PhotoState::Failed, PhotoState::Refused], true) => [DropFileStatus::Broken, ''],
            $isLooking => [DropFileStatus::Looking, ''],
            default => [null, ''],
        };
    }

    /** @return ?Reach the part of its product that it is linked to, or about to be */
    private static function linkedTo(DropFile $file, ?DropFileStatus $status): ?Reach
    {
        return in_array($status, [DropFileStatus::Linked, DropFileStatus::Underway], true)
            ? Clauses::decode((string) $file->to_reach)
            : null;
    }

    /**
     * @param  array<int, DropFile>  $files
     * @param  array<int, PictureMarks>  $marks  by photo id
     * @return array<int, TakenPicture> by file id
     */
    private function taken(array $files, array $marks, CardsInPictures $cards, Lexicon $lexicon): array
    {
        return array_map(
            fn(DropFile $file): TakenPicture => new TakenPicture(
                $file->file,
                $file->folder,
                $marks[$file->photo_id]->camera ?? '',
                $marks[$file->photo_id]->takenAt ?? null,
                $file->changed_ms,
                $cards->isCard((int) $file->photo_id),
                $cards->found((int) $file->photo_id, $lexicon, $this->shelf->views()),
            ),
            $files,
        );
    }

    private function product(Lexicon $lexicon, ?int $productId): ?KnownProduct
    {
        return $productId === null ? null : $lexicon->product($productId);
    }

    /**
     * @param  array<int, DropFile>  $files
     * @return array<int, Photo> by id
     */
    private function photos(array $files): array
    {
        $photos = [];
        foreach (
            array_chunk(array_unique(array_map(fn(DropFile $file): ?int => $file->photo_id, $files)), self::CHUNK)
            as $chunk
        ) {
            $photos += Photo::query()->whereKey($chunk)->get()->keyBy('id')->all();
        }

        return $photos;
    }

    /**
     * @param  array<int, DropFile>  $files
     * @param  array<int, PhotoLook>  $looks  by photo id
     * @param  array<int, list<int>>  $twins  photo id => photos that are nearly the same
     * @return array<int, SeenPicture> by file id; of those that are measured
     */
    private function seen(array $files, array $looks, array $twins): array
    {
        $resembled = $this->resemblances->ofPhotos($twins);
        $byPhoto = [];
        foreach ($files as $id => $file) {
            $byPhoto[(int) $file->photo_id][] = $id;
        }
        $seen = [];
        foreach ($files as $id => $file) {
            $photoId = (int) $file->photo_id;
            if (isset($looks[$photoId])) {
                $same = array_map(fn(int $twin): array => $byPhoto[$twin] ?? [], [$photoId, ...$twins[$photoId] ?? []]);
                $seen[$id] = new SeenPicture(
                    $looks[$photoId]->colors,
                    $resembled[$photoId] ?? null,
                    array_values(array_diff(array_merge(...$same), [$id])),
                );
            }
        }

        return $seen;
    }

    /**
     * @param  ?list<int>  $ids  of the files that are asked for; null for all
     * @return array<int, stdClass> file id => what became of its linking
     */
    private function links(Drop $drop, ?array $ids = null): array
    {
        return LinkingState::files()
            ->where('drop_files.drop_id', $drop->id)
            ->when($ids !== null, fn(Builder $files): Builder => $files->whereIn('drop_files.id', $ids ?? []))
            ->whereNotNull('drop_files.batch_id')
            ->selectRaw('drop_files.id, batch_products.words, ' . LinkingState::COLUMNS)
            ->get()
            ->keyBy('id')
            ->all();
    }

    /**
     * What the drop and the products have that shows the same, or is said to.
     *
     * @param  array<int, ReadFile>  $read
     * @param  array<int, list<int>>  $twins  photo id => photos that are nearly the same
     * @return array<int, ReadFile>
     */
    private function compared(array $read, array $twins): array
    {
        $open = array_filter(
            $read,
            fn(ReadFile $one): bool => $one->status->isOpen() && $one->status !== DropFileStatus::Card,
        );
        $pictures = array_map(fn(ReadFile $one): DropPicture => $one->picture(), $open);
        $duplicates = new Duplicates($pictures, $this->placements($open), $twins);
        foreach ($pictures as $id => $picture) {
            $read[$id] = $read[$id]->compared($duplicates->about($picture));
        }

        return $read;
    }

    /**
     * @param  array<int, ReadFile>  $open
     * @return list<ProductPicture> of the products that the open files are of
     */
    private function placements(array $open): array
    {
        $products = [];
        foreach ($open as $one) {
            if ($one->product !== null) {
                $products[$one->product->id] = $one->product;
            }
        }
        $pictures = [];
        foreach (array_chunk(array_keys($products), self::CHUNK) as $chunk) {
            $rows = DB::table('placements')
                ->join('photos', 'photos.id', '=', 'placements.photo_id')
                ->whereIn('placements.product_id', $chunk)
                ->orderBy('placements.position')
                ->get([
                    'placements.id',
                    'placements.product_id',
                    'placements.photo_id',
                    'placements.file_name',
                    'placements.reach',
                    'placements.view',
                    'photos.state',
                    'photos.width',
                    'photos.height',
                    'photos.bytes',
                ]);
            foreach ($rows as $row) {
                $matrix = $products[$row->product_id]->matrix;
                $pictures[] = new ProductPicture(
                    new DuplicateCandidate(
                        DuplicateKind::Place,
                        $row->photo_id,
                        $row->file_name,
                        $row->state === PhotoState::Ready->value,
                        $row->width,
                        $row->height,
                        $row->bytes,
                        null,
                        $row->id,
                    ),
                    $row->product_id,
                    Clauses::decode($row->reach)->activeIn($matrix),
                    $this->shelf->views()->find($row->view),
                );
            }
        }

        return $pictures;
    }
}
