<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Intake\Addresses\AddressState;
use App\Media\MediaKind;
use Core\Color\Srgb;
use Core\Sheets\Reading\FoundPicture;
use Core\Sheets\Reading\PictureCells;
use Core\Sheets\Reading\PictureShelf;
use Core\Text\NearWords;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * The stored pictures by their names: those of products and those that arrived in the intake. Of several of one name
 * the newest is meant.
 */
final class StoredShelf implements PictureShelf
{
    /** Names that are held to find one without regard to ending and separators. */
    private const MOST_NAMES = 200_000;

    private const CHUNK = 500;

    /** @var array<string, ?FoundPicture> by name in small letters, once asked */
    private array $known = [];

    /** @var ?array<string, string> plain name => name */
    private ?array $plain = null;

    private ?NearWords $words = null;

    public function find(string $name): ?FoundPicture
    {
        $name = self::base($name);
        $this->ask([$name]);
        $found = $this->known[mb_strtolower($name)] ?? null;
        $isAddress = PictureCells::isAddress($name);
        $other = $found === null && !$isAddress ? $this->plain()[self::bare($name)] ?? null : null;
        if ($other !== null) {
            $this->ask([$other]);
            $found = $this->known[mb_strtolower($other)] ?? null;
        }

        return $found;
    }

    public function near(string $name): ?string
    {
        if ($this->words === null) {
            $this->words = new NearWords();
            array_map($this->words->add(...), array_map(strval(...), array_keys($this->plain())));
        }
        $near = $this->words->near(self::bare(self::base($name)));

        return $near === null ? null : $this->plain()[$near];
    }

    /**
     * Asks for many names in one query.
     *
     * @param  list<string>  $names
     */
    public function ask(array $names): void
    {
        $open = [];
        foreach ($names as $name) {
            $name = self::base($name);
            if (!array_key_exists(mb_strtolower($name), $this->known)) {
                $open[mb_strtolower($name)] = $name;
                $this->known[mb_strtolower($name)] = null;
            }
        }
        foreach (array_chunk($open, self::CHUNK) as $chunk) {
            $files = [];
            foreach ($this->named($chunk)->get() as $row) {
                $files[mb_strtolower($row->file)] = [(int) $row->photo_id, (string) $row->file];
            }
            foreach ($this->fetched($chunk)->get() as $row) {
                $files[mb_strtolower($row->address)] = [(int) $row->photo_id, (string) $row->file];
            }
            $this->know($files);
        }
    }

    /** @param  list<string>  $names */
    private function named(array $names): Builder
    {
        return DB::table('drop_files')
            ->whereIn('file', $names)
            ->whereNotNull('photo_id')
            ->select('file', 'photo_id')
            ->union(DB::table('placements')->whereIn('file_name', $names)->select('file_name as file', 'photo_id'))
            ->orderBy('photo_id');
    }

    /**
     * An address is a picture where it was fetched; another picture of the same name is none.
     *
     * @param  list<string>  $names
     */
    private function fetched(array $names): Builder
    {
        return DB::table('fetched_pictures')
            ->join('drop_files', 'drop_files.id', '=', 'fetched_pictures.drop_file_id')
            ->whereIn('fetched_pictures.hash', array_map(fn(string $name): string => hash('sha256', $name), $names))
            ->where('fetched_pictures.state', AddressState::Fetched->value)
            ->whereNotNull('drop_files.photo_id')
            ->orderBy('drop_files.photo_id')
            ->select('fetched_pictures.address', 'drop_files.photo_id', 'drop_files.file');
    }

    /** @param  array<string, array{int, string}>  $files  name in small letters => photo id, name */
    private function know(array $files): void
    {
        $ids = array_column($files, 0);
        $photos = DB::table('photos')->whereIn('id', $ids)->pluck('type', 'id');
        $colors = DB::table('photo_looks')->whereIn('photo_id', $ids)->pluck('colors', 'photo_id');
        foreach ($files as $name => [$id, $file]) {
            $main = json_decode((string) ($colors[$id] ?? '[]'), true)[0][0] ?? null;
            $this->known[$name] = new FoundPicture(
                $id,
                $file,
                MediaKind::ofType((string) $photos[$id]) === MediaKind::Still,
                is_string($main) ? Srgb::fromHex($main) : null,
            );
        }
    }

    /** @return array<string, string> */
    private function plain(): array
    {
        if ($this->plain === null) {
            $this->plain = [];
            $names = DB::table('drop_files')
                ->whereNotNull('photo_id')
                ->select('file')
                ->union(DB::table('placements')->select('file_name as file'))
                ->limit(self::MOST_NAMES)
                ->pluck('file');
            foreach ($names as $file) {
                $this->plain[self::bare((string) $file)] ??= (string) $file;
            }
        }

        return $this->plain;
    }

    /** The name without the folders before it; an address as it is. */
    private static function base(string $name): string
    {
        return PictureCells::isAddress($name)
            ? $name
            : mb_substr((string) preg_replace('~^.*[/\\\\]~', '', $name), 0, 255);
    }

    /** Letters and digits alone, without the ending. */
    private static function bare(string $file): string
    {
        return (string) preg_replace(
            '/[^\p{L}\p{N}]+/u',
            '',
            mb_strtolower((string) preg_replace('/\.[a-z0-9]{2,5}$/i', '', $file)),
        );
    }
}
