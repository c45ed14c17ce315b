<?php

declare(strict_types=1);

namespace App\Http;

use App\Intake\AnnouncedFile;
use App\Store\Library\ViewShelf;
use Core\Gallery\UnknownView;
use Core\Gallery\View;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Foundation\Http\FormRequest;

/** A request from the intake: which files are meant, and what is said of them. */
final class IntakeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(
                ['name', 'sender', 'product', 'view', 'word', 'taught', 'q', 'by', 'show'],
                ['nullable', 'string', 'max:200'],
            ),
            'files' => ['nullable', 'string', 'max:200000', 'regex:/^[0-9a-f:,]*$/'],
            'selected' => ['nullable', 'string', 'max:20000', 'regex:/^(\*|[0-9:,;]*)$/'],
            'seen' => ['nullable', 'regex:/^[0-9a-f]{10}$/'],
            'at' => ['nullable', 'integer', 'min:0'],
            'page' => ['nullable', 'integer', 'min:1', 'max:1000'],
            'batch' => ['nullable', 'regex:/^[0-9A-Za-z]{26}$/'],
        ];
    }

    /** @return list<int> */
    public function fileIds(): array
    {
        return array_keys($this->seen());
    }

    /** @return array<int, string> file id => what the page showed of its reading */
    public function seen(): array
    {
        $seen = [];
        foreach (array_filter(explode(',', $this->text('files'))) as $pair) {
            [$id, $mark] = explode(':', $pair . ':');
            $seen[(int) $id] = $mark;
        }

        return $seen;
    }

    public function selection(): Selection
    {
        return Selection::fromKey($this->text('selected'));
    }

    public function pictureView(): ?View
    {
        return app(ViewShelf::class)->views()->find($this->text('view'));
    }

    /** @throws UnknownView */
    public function viewCalled(string $key): View
    {
        return app(ViewShelf::class)->views()->find($key) ?? throw UnknownView::called($key);
    }

    public function text(string $field): string
    {
        $given = $this->input($field);

        return is_string($given) ? trim($given) : '';
    }

    /**
     * The files that somebody is about to send: path, bytes and time of change of each.
     *
     * @return non-empty-array<int, AnnouncedFile>
     *
     * @throws Refusal
     */
    public function announced(): array
    {
        $given = $this->json('announced');
        $files = [];
        foreach (is_array($given) ? array_values($given) : [] as $file) {
            if (
                !is_array($file) ||
                !is_string($file[0] ?? null) ||
                !is_int($file[1] ?? null) ||
                $file[1] < 0 ||
                !is_int($file[2] ?? null)
            ) {
                throw new Refusal(__('answers.a_file_is_announced_by_its'), RefusalKind::Unreadable, 'announced');
            }
            $files[] = AnnouncedFile::of(mb_substr($file[0], 0, 1_000), $file[1], (string) $file[2]);
        }

        return $files === []
            ? throw new Refusal(__('answers.drop_a_picture_a_folder_or'), RefusalKind::Missing, 'announced')
            : $files;
    }
}
