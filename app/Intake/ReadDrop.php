<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Drop;
use Core\Gallery\Views;
use Core\Matching\Drop\DropFileStatus;
use Core\Refusal;
use Core\RefusalKind;

/** A drop with what its names and pictures say. */
final readonly class ReadDrop
{
    /**
     * @param  array<int, ReadFile>  $files  by id
     * @param  Views  $views  that the shop knows
     */
    public function __construct(public Drop $drop, public array $files, public Views $views) {}

    /** @return array<int, ReadFile> */
    public function withStatus(DropFileStatus ...$statuses): array
    {
        return array_filter($this->files, fn(ReadFile $read): bool => in_array($read->status, $statuses, true));
    }

    /** @param  array<int, ReadFile>  $files */
    public static function named(array $files): string
    {
        return count($files) === 1
            ? $files[array_key_first($files)]->file->file
            : number_format(count($files)) . ' pictures';
    }

    /** @return array<int, ReadFile> those that can take the place of a picture that a product has */
    public function better(): array
    {
        return array_filter(
            $this->withStatus(DropFileStatus::Double),
            fn(ReadFile $read): bool => ($read->alike[0]->placementId ?? null) !== null,
        );
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, ReadFile>
     *
     * @throws Refusal where one of them is settled by now
     */
    public function openOnes(array $ids): array
    {
        if ($ids === []) {
            throw new Refusal('Mark a picture first.', RefusalKind::Missing);
        }
        $chosen = [];
        foreach ($ids as $id) {
            $read =
                $this->files[$id] ??
                throw new Refusal(
                    'One of these files is no longer in this drop. Look at the table again.',
                    RefusalKind::Gone,
                );
            if (!$read->status->isOpen()) {
                throw new Refusal(
                    "{$read->file->file} is {$read->status->label()} by now. Look at the table again.",
                    RefusalKind::Changed,
                );
            }
            $chosen[$id] = $read;
        }

        return $chosen;
    }
}
