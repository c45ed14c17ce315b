<?php

declare(strict_types=1);

namespace App\Files\Packages;

use App\Refusals\PackageRefused;
use App\Store\Library\Portable\PortableRow;
use Closure;
use Core\Sheets\SafeCell;
use ZipArchive;

/**
 * A package as it lies on this machine. It is read entry by entry, never unpacked by the names that it gives, and
 * bounded before anything of it is read.
 */
final class PackageFile
{
    /** Bytes of the descriptor, of a table of the library, and of the document of one product. */
    private const MOST_DESCRIPTOR = 4 * 1024 * 1024;

    private const MOST_TABLE = 64 * 1024 * 1024;

    private const MOST_LINE = 32 * 1024 * 1024;

    /** Rows of a table of the library. */
    private const MOST_ROWS = 100_000;

    private const PIECE = 262_144;

    /** @param  array<string, PackedPhoto>  $photos  by checksum */
    private function __construct(
        private readonly ZipArchive $zip,
        private readonly string $name,
        public readonly array $photos,
    ) {}

    /** Whether a ZIP is a package, by what it holds. */
    public static function isPackage(string $path): bool
    {
        $zip = new ZipArchive();
        if (@$zip->open($path, ZipArchive::RDONLY) !== true) {
            return false;
        }
        $descriptor = self::entry($zip, PackageWriter::DESCRIPTOR, self::MOST_DESCRIPTOR);
        $zip->close();

        return $descriptor !== null && str_contains($descriptor, PackageWriter::FORMAT);
    }

    /**
     * @param  string  $name  of the file, for the sentence
     * @param  int  $mostBytes  that all of it may take, unpacked
     * @param  int  $mostPhoto  bytes of a picture
     *
     * @throws PackageRefused where it is none, or not whole
     */
    public static function open(string $path, string $name, int $mostBytes, int $mostPhoto): self
    {
        $zip = new ZipArchive();
        if (@$zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new PackageRefused("{$name} is damaged and cannot be opened. Pack it again.");
        }
        $bytes = 0;
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $bytes += $zip->statIndex($at)['size'] ?? 0;
        }
        if ($bytes > $mostBytes) {
            throw new PackageRefused(
                sprintf(
                    '%s would take %s GB unpacked; %s GB is the most. Pack fewer products at a time.',
                    $name,
                    number_format($bytes / 1_073_741_824, 1),
                    number_format($mostBytes / 1_073_741_824),
                ),
            );
        }
        $descriptor = json_decode(self::entry($zip, PackageWriter::DESCRIPTOR, self::MOST_DESCRIPTOR) ?? '', true, 16);
        if (!is_array($descriptor) || ($descriptor['format'] ?? null) !== PackageWriter::FORMAT) {
            throw new PackageRefused("{$name} is no package of a catalog: its datapackage.json does not say so.");
        }
        $version = $descriptor['version'] ?? null;
        if (!is_int($version) || $version > PackageWriter::VERSION) {
            throw new PackageRefused("{$name} was packed by a newer version than this one. Bring this one up to date.");
        }
        $open = new self($zip, $name, []);

        return new self($zip, $name, $open->listed($mostPhoto));
    }

    public function close(): void
    {
        $this->zip->close();
    }

    /**
     * The rows of a table of the library; none where it is not there.
     *
     * @return list<PortableRow>
     *
     * @throws PackageRefused
     */
    public function rows(PackageTable $table): array
    {
        $rows = [];
        foreach ($this->cells($table) as $number => $cells) {
            $rows[] = new PortableRow("{$table->name}.csv", $number, $cells);
        }

        return $rows;
    }

    /**
     * The documents of its products, one after the other.
     *
     * @param  Closure(string): void  $each  given the JSON of one
     *
     * @throws PackageRefused
     */
    public function documents(Closure $each): void
    {
        $stream = $this->zip->getStream(PackageWriter::DOCUMENTS);
        if ($stream === false) {
            throw new PackageRefused("{$this->name} holds no products: " . PackageWriter::DOCUMENTS . ' is not there.');
        }
        try {
            $number = 0;
            while (($line = stream_get_line($stream, self::MOST_LINE + 1, "\n")) !== false) {
                $number++;
                if (strlen($line) > self::MOST_LINE) {
                    throw new PackageRefused(
                        "Line {$number} of " . PackageWriter::DOCUMENTS . ' is longer than a product can be.',
                    );
                }
                if (trim($line) !== '') {
                    $each($line);
                }
            }
        } finally {
            fclose($stream);
        }
    }

    /**
     * Writes a picture to a file of this machine.
     *
     * @throws PackageRefused where it is not the one that the package says
     */
    public function extract(PackedPhoto $photo, string $path): void
    {
        $from = $this->zip->getStream($photo->path);
        $to = fopen($path, 'wb');
        if ($from === false || $to === false) {
            throw new PackageRefused("{$photo->path} is not in {$this->name}. Pack it again.");
        }
        $sum = hash_init('sha256');
        $written = 0;
        try {
            while (!feof($from) && $written <= $photo->bytes) {
                $piece = @fread($from, self::PIECE);
                if ($piece === false) {
                    break;
                }
                hash_update($sum, $piece);
                $written += (int) fwrite($to, $piece);
            }
        } finally {
            fclose($to);
            fclose($from);
        }
        if ($written !== $photo->bytes || hash_final($sum) !== $photo->sha256) {
            throw new PackageRefused("{$photo->path} is damaged in {$this->name}: it is not what was packed.");
        }
    }

    /**
     * @return array<string, PackedPhoto> by checksum
     *
     * @throws PackageRefused
     */
    private function listed(int $most): array
    {
        $photos = [];
        $table = PackageWriter::photoTable();
        foreach ($this->cells($table) as $number => $cells) {
            $sum = $cells['sha256'] ?? '';
            $path = $cells['path'] ?? '';
            $stat = $this->zip->statName($path);
            $why = match (true) {
                preg_match('/^[0-9a-f]{64}$/D', $sum) !== 1 => 'says no SHA-256',
                $stat === false => "names {$path}, which is not in it",
                $stat['encryption_method'] !== ZipArchive::EM_NONE => "names {$path}, which is locked with a password",
                $stat['size'] > $most => "names {$path}, which is larger than a picture can be",
                default => null,
            };
            if ($why !== null) {
                throw new PackageRefused("Row {$number} of {$table->path()} in {$this->name} {$why}.");
            }
            $photos[$sum] = new PackedPhoto($sum, $path, $stat['size']);
        }

        return $photos;
    }

    /**
     * @return iterable<int, array<string, string>> number of the line => cells by column
     *
     * @throws PackageRefused
     */
    private function cells(PackageTable $table): iterable
    {
        $text = self::entry($this->zip, $table->path(), self::MOST_TABLE);
        if ($text === null) {
            return;
        }
        $stream = fopen('php://temp', 'r+b');
        if ($stream === false || !mb_check_encoding($text, 'UTF-8')) {
            throw new PackageRefused("{$table->path()} in {$this->name} cannot be read: it is not UTF-8.");
        }
        fwrite($stream, $text);
        rewind($stream);
        try {
            $header = self::line($stream) ?? [];
            $number = 1;
            while (($cells = self::line($stream)) !== null) {
                $number++;
                if ($number > self::MOST_ROWS) {
                    throw new PackageRefused(
                        "{$table->path()} in {$this->name} has more than " . number_format(self::MOST_ROWS) . ' rows.',
                    );
                }
                if ($cells !== [] && count($cells) !== count($header)) {
                    throw new PackageRefused(
                        "Row {$number} of {$table->path()} in {$this->name} has " .
                            count($cells) .
                            ' cells; its header has ' .
                            count($header) .
                            '.',
                    );
                }
                if ($cells !== []) {
                    yield $number => array_combine($header, $cells);
                }
            }
        } finally {
            fclose($stream);
        }
    }

    /**
     * @param  resource  $stream
     * @return ?list<string> none for an empty line; null at the end
     */
    private static function line($stream): ?array
    {
        $cells = fgetcsv($stream, null, ',', '"', '');

        return match (true) {
            $cells === false => null,
            $cells === [null] => [],
            default => array_map(fn(?string $cell): string => SafeCell::read((string) $cell), $cells),
        };
    }

    /** @return ?string what an entry holds; null where it is not there, or is longer than it may be */
    private static function entry(ZipArchive $zip, string $name, int $most): ?string
    {
        $stream = $zip->getStream($name);
        if ($stream === false) {
            return null;
        }
        $text = stream_get_contents($stream, $most + 1);
        fclose($stream);

        return $text === false || strlen($text) > $most ? null : $text;
    }
}
