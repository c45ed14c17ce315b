<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Packages\Package;

/** The packages that arrived in the intake. */
final class PackageList
{
    private const MOST = 20;

    /** @return list<Package> the newest first */
    public function latest(): array
    {
        return array_values(
            Package::with('user')
                ->select(['id', 'user_id', 'name', 'state', 'products', 'created_at'])
                ->latest('id')
                ->limit(self::MOST)
                ->get()
                ->all(),
        );
    }

    /** The package of a drop in which nothing else arrived; null for none, or where more did. */
    public function aloneIn(Drop $drop): ?Package
    {
        $files = DropFile::query()->where('drop_id', $drop->id)->limit(2)->get();
        $file = $files->first();

        return $files->count() === 1 && $file?->state === DropFileState::Package
            ? Package::query()->where('drop_file_id', $file->id)->first()
            : null;
    }
}
