<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\AnnouncedFile;
use App\Intake\Arrival;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Takes in the pictures of a folder of this machine, as one drop of the intake: nothing is linked by that. */
final readonly class TakeInFolder
{
    private const PICTURES = '/\.(?:jpe?g|png|webp|gif|tiff?|avif|heic|mp4|mov|webm|glb)$/i';

    public function __construct(private OpenDrop $open, private Arrival $arrival) {}

    /** @throws Refusal */
    public function run(User $user, string $folder): ?Drop
    {
        $paths = self::pictures($folder);
        if ($paths === []) {
            return null;
        }
        $files = array_map(
            fn(string $path): AnnouncedFile => AnnouncedFile::of(
                substr($path, strlen(rtrim($folder, '/')) + 1),
                (int) filesize($path),
                (string) filemtime($path),
            ),
            $paths,
        );
        $drop = $this->open->run($user, basename(rtrim($folder, '/')), '', null, $files);
        $prints = array_map(fn(AnnouncedFile $file): string => $file->print(), $files);
        $known = DropFile::query()->where('drop_id', $drop->id)->whereIn('print', $prints)->get()->keyBy('print');
        foreach ($prints as $at => $print) {
            $file = $known->get($print);
            if ($file !== null && $file->state === DropFileState::Arriving) {
                $file->update(['received' => $file->bytes]);
                $this->arrival->take($file, $paths[$at]);
            }
        }

        return $drop;
    }

    /**
     * @return list<string> paths, in the order of their names
     *
     * @throws Refusal
     */
    public static function pictures(string $folder): array
    {
        if (!is_dir($folder) || !is_readable($folder)) {
            throw new Refusal("There is no folder {$folder} that can be read.", RefusalKind::Gone, 'photos');
        }
        $paths = [];
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS))
            as $file
        ) {
            if ($file->isFile() && preg_match(self::PICTURES, $file->getFilename()) === 1) {
                $paths[] = $file->getPathname();
            }
        }
        sort($paths);

        return $paths;
    }
}
