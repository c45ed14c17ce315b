<?php

declare(strict_types=1);

namespace App\Actions;

use App\Batches\Act;
use App\Catalog\BulkPicture;
use App\Catalog\BulkPictureWay;
use App\Catalog\LoadedProduct;
use App\Catalog\Usage;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\Photo;
use App\Store\ViewShelf;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Adds, sets, replaces or takes away one picture in chosen values of many products. */
final class ChangePictures implements Act
{
    public const NAME = 'pictures';

    private const LONGEST_PART = 200;

    public function __construct(private readonly UnitOfWork $work, private readonly ViewShelf $shelf, private readonly Usage $usage)
    {
    }

    public function inWords(array $wanted): string
    {
        return $this->meant($wanted)->inWords();
    }

    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry
    {
        $bulk = $this->meant($wanted);

        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($bulk): string {
            $plan = $bulk->plan($loaded, $this->usage->synonyms($loaded->matrix));
            $ledger->update('placements', $plan->updates);
            $ledger->insertMany('placements', $loaded->product->id, $plan->added === null ? [] : [$plan->added]);

            return $bulk->inWords();
        });
    }

    /**
     * @param  array<string, ?string>  $wanted
     *
     * @throws Refusal
     */
    public function meant(array $wanted): BulkPicture
    {
        $way = BulkPictureWay::tryFrom((string) ($wanted['way'] ?? '')) ?? throw new Refusal('Say what is to be done with the picture.', RefusalKind::Missing, 'way');
        $photo = $this->photo((int) ($wanted['photo'] ?? 0)) ?? throw new Refusal('Choose a stored picture first.', RefusalKind::Missing, 'photo');
        $other = $way === BulkPictureWay::Replace ? $this->photo((int) ($wanted['other'] ?? 0)) : null;
        $part = trim((string) ($wanted['part'] ?? ''));
        if (mb_strlen($part) > self::LONGEST_PART) {
            throw new Refusal('The part is longer than anybody would type ('.self::LONGEST_PART.' characters).', RefusalKind::Unreadable, 'part');
        }
        if ($way === BulkPictureWay::Replace && ($other === null || $other->id === $photo->id)) {
            throw new Refusal('Choose another picture that takes its place.', RefusalKind::Missing, 'other');
        }
        $view = $this->shelf->views()->find($wanted['view'] ?? '');
        if ($way === BulkPictureWay::Set && $view === null) {
            throw new Refusal('Say which view it is to be the only one of.', RefusalKind::Missing, 'view');
        }

        return new BulkPicture($way, $photo->id, self::name((string) ($wanted['file'] ?? ''), $photo), $part, $view, $other?->id, $other === null ? '' : self::name((string) ($wanted['other_file'] ?? ''), $other));
    }

    private function photo(int $id): ?Photo
    {
        return Photo::query()->find($id);
    }

    private static function name(string $typed, Photo $photo): string
    {
        return $typed === '' ? "picture-{$photo->id}.{$photo->type}" : mb_substr($typed, 0, 180);
    }
}
