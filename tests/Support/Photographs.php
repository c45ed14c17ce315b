<?php

declare(strict_types=1);

namespace Tests\Support;

use PHPUnit\Framework\Assert;

/**
 * Photographs that nobody here made, out of Debian packages that bin/test unpacks (bin/lib.sh, fetch_photographs).
 * They are used where they lie; none is part of the project.
 */
final class Photographs
{
    /**
     * Photographs of a camera, by their names in the packages.
     *
     * @return array<string, string> file name => path; the test is skipped where the packages cannot be had
     */
    public static function all(): array
    {
        $found = [];
        $folders = [
            'python3-skimage/usr/lib/python3/dist-packages/skimage/data',
            'lomiri-wallpapers-16.04/usr/share/backgrounds',
        ];
        foreach ($folders as $folder) {
            foreach (
                glob(dirname(__DIR__, 2) . "/.data/photographs/{$folder}/*.{jpg,png}", GLOB_BRACE) ?: []
                as $path
            ) {
                // One of them is cut off on purpose.
                if (basename($path) !== 'truncated.jpg') {
                    $found[basename($path)] = $path;
                }
            }
        }
        if (count($found) < 12) {
            Assert::markTestSkipped('The packages with photographs are not here: bin/test fetches them where it can.');
        }

        return $found;
    }

    /** @return array<string, string> a dozen of them */
    public static function some(): array
    {
        $small = array_filter(self::all(), fn(string $path): bool => filesize($path) < 1_000_000);

        return array_slice($small, 0, 12, true);
    }
}
