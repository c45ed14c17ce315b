<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Media\DeriveCuts;
use App\Media\MediaKind;
use App\Models\Banner;
use App\Models\BannerKind;
use App\Models\HistoryEntry;
use App\Models\Photo;
use Core\Gallery\Crop;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Gives a category or a landing page its picture, changes what of it is shown and said, or takes it away. */
final class SetBanner
{
    private const MOST_NAME = 200;

    private const LONGEST_TEXT = 300;

    public function __construct(private readonly UnitOfWork $work) {}

    /** @throws Refusal */
    public function picture(Change $change, BannerKind $kind, string $name, int $photoId, string $file): ?HistoryEntry
    {
        $called = Name::of($name);
        if ($called->isEmpty() || $called->isLongerThan(self::MOST_NAME)) {
            throw new Refusal(
                "A {$kind->inWords()} needs a name of up to " . self::MOST_NAME . ' characters.',
                RefusalKind::Missing,
                'name',
            );
        }
        $photo = Photo::query()->find($photoId);
        if ($photo === null || MediaKind::ofType($photo->type) !== MediaKind::Still) {
            throw new Refusal('Choose a still picture that is stored.', RefusalKind::Missing, 'photo');
        }

        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use (
            $kind,
            $called,
            $photo,
            $file,
        ): string {
            $known = Banner::query()->where('kind', $kind)->where('folded', $called->folded)->first();
            $row = [
                'photo_id' => $photo->id,
                'file_name' => mb_substr($file === '' ? "picture-{$photo->id}.{$photo->type}" : $file, 0, 200),
                'crop' => '',
            ];
            $known === null
                ? $ledger->insert(
                    'banners',
                    $row + [
                        'kind' => $kind->value,
                        'name' => $called->shown,
                        'folded' => $called->folded,
                        'alt_text' => '',
                    ],
                )
                : $ledger->update('banners', [$known->id => $row]);
            DeriveCuts::dispatch($photo->id, '')->afterCommit();

            return "Banner of the {$kind->inWords()} {$called->shown} is {$row['file_name']}";
        });
    }

    /**
     * What of it is shown, and the text that stands for it.
     *
     * @throws Refusal
     */
    public function details(Change $change, int $bannerId, Crop $crop, string $altText): ?HistoryEntry
    {
        if (mb_strlen($altText) > self::LONGEST_TEXT) {
            throw new Refusal(
                'The alt text can have ' . self::LONGEST_TEXT . ' characters; this has ' . mb_strlen($altText) . '.',
                RefusalKind::Unreadable,
                'text',
            );
        }

        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use (
            $bannerId,
            $crop,
            $altText,
        ): string {
            $banner = Banner::query()->findOrFail($bannerId);
            $ledger->update('banners', [$bannerId => ['crop' => $crop->key(), 'alt_text' => trim($altText)]]);
            DeriveCuts::dispatch($banner->photo_id, $crop->key())->afterCommit();

            return "Changed the banner of the {$banner->kind->inWords()} {$banner->name}";
        });
    }

    public function remove(Change $change, int $bannerId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($bannerId): string {
            $banner = Banner::query()->findOrFail($bannerId);
            $ledger->delete('banners', [$bannerId]);

            return "Took the banner off the {$banner->kind->inWords()} {$banner->name}";
        });
    }
}
