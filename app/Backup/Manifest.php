<?php

declare(strict_types=1);

namespace App\Backup;

use App\Refusals\BackupFault;

/** What a backup holds, so that a restore can see before it begins that nothing is missing. */
final readonly class Manifest
{
    public const FILE = 'backup.json';

    public const DATABASE = 'database.sql';

    public const PHOTOS = 'photos';

    private const FORMAT = 1;

    /** @param  array<string, string>  $photos  SHA-256 => file ending */
    public function __construct(public string $madeAt, public string $databaseSha256, public array $photos) {}

    public function write(string $folder): void
    {
        file_put_contents(
            "{$folder}/" . self::FILE,
            json_encode(
                [
                    'format' => self::FORMAT,
                    'made_at' => $this->madeAt,
                    'database_sha256' => $this->databaseSha256,
                    'photos' => (object) $this->photos,
                ],
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT,
            ) . "\n",
        );
    }

    /** @throws BackupFault where the folder is no backup, or not whole */
    public static function read(string $folder): self
    {
        $data = is_file("{$folder}/" . self::FILE)
            ? json_decode((string) file_get_contents("{$folder}/" . self::FILE), true)
            : null;
        if (!is_array($data) || ($data['format'] ?? null) !== self::FORMAT) {
            throw new BackupFault(
                "{$folder} is no backup of this application: it has no " . self::FILE . ' that can be read.',
            );
        }
        $manifest = new self($data['made_at'], $data['database_sha256'], $data['photos']);
        if (@hash_file('sha256', "{$folder}/" . self::DATABASE) !== $manifest->databaseSha256) {
            throw new BackupFault("The database in {$folder} is not the one that was written. Take another backup.");
        }
        foreach ($manifest->photos as $sha256 => $type) {
            $photo = self::photo($folder, (string) $sha256, $type);
            if (!is_file($photo)) {
                throw new BackupFault("The picture {$sha256}.{$type} is missing in {$folder}. Take another backup.");
            }
            if (hash_file('sha256', $photo) !== (string) $sha256) {
                throw new BackupFault(
                    "The picture {$sha256}.{$type} in {$folder} is not the one that was written. Take another backup.",
                );
            }
        }

        return $manifest;
    }

    public static function photo(string $folder, string $sha256, string $type): string
    {
        return "{$folder}/" . self::PHOTOS . '/' . substr($sha256, 0, 2) . "/{$sha256}.{$type}";
    }
}
