<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\AnnouncedFile;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Product;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * Announces files to the intake. Those that an open drop of the same person lacks go on there: what has arrived of them
 * is not sent twice.
 */
final class OpenDrop
{
    private const CHUNK = 500;

    /** Days after which files that are announced again make a new drop. */
    private const JOINED_FOR = 30;

    /**
     * @param  non-empty-array<int, AnnouncedFile>  $files
     *
     * @throws Refusal
     */
    public function run(User $user, string $name, string $sender, ?Product $product, array $files): Drop
    {
        Gate::forUser($user)->authorize('edit');
        $most = config('slate.intake.most_files');
        if (count($files) > $most) {
            throw new Refusal(
                'These are ' .
                    number_format(count($files)) .
                    ' files; ' .
                    number_format($most) .
                    ' is the most of one drop. Drop its folders one after the other.',
                RefusalKind::Impossible,
            );
        }

        return DB::transaction(function () use ($user, $name, $sender, $product, $files): Drop {
            // Two windows of one person that announce the same files make one drop of them.
            User::query()->whereKey($user->id)->lockForUpdate()->first();
            $prints = array_map(fn(AnnouncedFile $file): string => $file->print(), $files);
            $drop =
                $this->known($user, array_values($prints)) ??
                Drop::query()->create([
                    'user_id' => $user->id,
                    'name' => mb_strimwidth(trim($name) === '' ? $this->named($files) : trim($name), 0, 120, '…'),
                    'sender' => mb_substr(trim($sender), 0, 80),
                    'product_id' => $product?->id,
                    'created_at' => now(),
                ]);
            foreach (array_chunk($files, self::CHUNK) as $chunk) {
                DropFile::query()->insertOrIgnore(
                    array_map(fn(AnnouncedFile $file): array => $file->row($drop->id), $chunk),
                );
            }
            // What was refused may be taken now: a word of the library, room on the disk, a newer program here.
            DropFile::query()
                ->where('drop_id', $drop->id)
                ->whereIn('print', $prints)
                ->where('state', DropFileState::Refused)
                ->whereNull('archive_id')
                ->update(['state' => DropFileState::Arriving, 'received' => 0, 'remark' => '']);

            return $drop;
        });
    }

    /** @param  list<string>  $prints */
    private function known(User $user, array $prints): ?Drop
    {
        foreach (array_chunk($prints, self::CHUNK) as $chunk) {
            $drop = Drop::query()
                ->where('user_id', $user->id)
                ->where('created_at', '>', now()->subDays(self::JOINED_FOR))
                ->whereIn('id', DropFile::query()->whereIn('print', $chunk)->select('drop_id'))
                ->latest('id')
                ->first();
            if ($drop !== null) {
                return $drop;
            }
        }

        return null;
    }

    /** @param  non-empty-array<int, AnnouncedFile>  $files */
    private function named(array $files): string
    {
        $folders = array_unique(array_map(fn(AnnouncedFile $file): string => explode('/', $file->folder)[0], $files));
        $first = $files[array_key_first($files)];

        return count($folders) === 1 && $folders[array_key_first($folders)] !== ''
            ? $folders[array_key_first($folders)]
            : $first->file . (count($files) === 1 ? '' : ' and ' . number_format(count($files) - 1) . ' more');
    }
}
