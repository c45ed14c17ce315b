<?php

declare(strict_types=1);

namespace App\Http;

use App\History\Change;
use Core\Gallery\Crop;
use Illuminate\Foundation\Http\FormRequest;

/** A request from the library's pages: which version of the library was looked at. */
final class LibraryRequest extends FormRequest
{
    use SaysSwatches;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['nullable', 'integer', 'min:0'],
            'token' => ['nullable', 'uuid'],
            'order' => ['nullable', 'string', 'regex:/^[0-9,]*$/', 'max:20000'],
            'name' => ['nullable', 'string', 'max:200'],
            ...array_fill_keys(['values', 'code', 'kind', 'display', 'synonyms', 'translations', 'words', 'loose_words', 'showing', 'need.*', 'language', 'pattern', 'file', 'text', 'find', 'crop.*', 'by', 'eyes', 'try', 'part', 'seen', 'lab', 'tile', 'frame', 'scope', 'kinds.*', 'texts.*', 'separator', 'letters', 'longest', 'prefix', 'first', 'last'], ['nullable', 'string', 'max:20000']),
            ...$this->swatchRules(),
            'need' => ['nullable', 'array', 'max:200'],
            'kinds' => ['nullable', 'array', 'max:20'],
            'texts' => ['nullable', 'array', 'max:20'],
            'crop' => ['nullable', 'array', 'max:6'],
        ];
    }

    /** @return ?Crop what of a picture is shown, as its form says; null where it says nothing */
    public function crop(): ?Crop
    {
        return CropForm::read($this->input('crop'));
    }

    public function change(): Change
    {
        return new Change($this->user(), null, $this->integer('version'), token: $this->filled('token') ? $this->string('token')->toString() : null);
    }
}
