<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use App\Media\DeriveCuts;
use App\Models\BannerKind;
use Core\Gallery\Crop;
use Core\Refusal;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** The pictures at the head of categories and landing pages. */
final class BannersTable implements PortableTable
{
    private const LONGEST = 200;

    private const LONGEST_TEXT = 300;

    public function name(): string
    {
        return 'banners';
    }

    public function keptIn(): string
    {
        return 'banners';
    }

    public function description(): string
    {
        return 'The pictures at the head of categories and landing pages.';
    }

    public function columns(): array
    {
        return [
            PortableColumn::key('kind', 'category or page.'),
            PortableColumn::key('name', 'The path of the category, or what the page is called.'),
            new PortableColumn('file', 'What the picture is called.', isRequired: true),
            new PortableColumn('sha256', 'By which the picture is known.', isRequired: true),
            new PortableColumn('crop', 'What of it is shown; empty for the middle.'),
            new PortableColumn('alt_text', 'The text that stands for it.'),
        ];
    }

    public function rows(): iterable
    {
        $banners = DB::table('banners')
            ->join('photos', 'photos.id', '=', 'banners.photo_id')
            ->orderBy('banners.kind')
            ->orderBy('banners.folded')
            ->get(['banners.*', 'photos.sha256']);
        foreach ($banners as $row) {
            yield [$row->kind, $row->name, $row->file_name, $row->sha256, $row->crop, $row->alt_text];
        }
    }

    public function key(PortableRow $row): string
    {
        return LibraryKeys::valueKey($row->text('kind'), $row->text('name'));
    }

    public function known(): array
    {
        return DB::table('banners')
            ->get(['id', 'kind', 'folded'])
            ->mapWithKeys(fn($row): array => ["{$row->kind}\n{$row->folded}" => (int) $row->id])
            ->all();
    }

    public function inWords(PortableRow $row): string
    {
        return "the banner of {$row->text('name')}";
    }

    /** @throws Refusal */
    public function check(PortableRow $row): void
    {
        $name = Name::of($row->text('name'));
        $file = $row->text('file');
        $crop = $row->text('crop');
        match (true) {
            BannerKind::tryFrom($row->text('kind')) === null => throw $row->amiss('kind', 'it is not known'),
            $name->isEmpty() || $name->isLongerThan(self::LONGEST) => throw $row->amiss(
                'name',
                'up to ' . self::LONGEST . ' characters are expected',
            ),
            $file === '' || mb_strlen($file) > self::LONGEST => throw $row->amiss('file', 'a name is expected'),
            mb_strlen($row->text('alt_text')) > self::LONGEST_TEXT => throw $row->amiss('alt_text', 'it is too long'),
            Crop::fromKey($crop)->key() !== $crop => throw $row->amiss('crop', 'six numbers are expected'),
            default => null,
        };
    }

    /** @throws Refusal */
    public function add(Ledger $ledger, array $rows): void
    {
        $sums = array_map(fn(PortableRow $row): string => $row->text('sha256'), $rows);
        $photos = DB::table('photos')->whereIn('sha256', $sums)->pluck('id', 'sha256');
        foreach ($rows as $row) {
            $this->check($row);
            $name = Name::of($row->text('name'));
            $photoId =
                $photos[$row->text('sha256')] ??
                throw $row->amiss('sha256', "there is no picture {$row->text('file')}");
            $ledger->insert('banners', [
                'kind' => $row->text('kind'),
                'name' => $name->shown,
                'folded' => $name->folded,
                'photo_id' => $photoId,
                'file_name' => $row->text('file'),
                'crop' => $row->text('crop'),
                'alt_text' => $row->text('alt_text'),
            ]);
            DeriveCuts::dispatch($photoId, $row->text('crop'))->afterCommit();
        }
    }
}
