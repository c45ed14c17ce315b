<?php

declare(strict_types=1);

namespace App\Http;

use App\History\Change;
use Illuminate\Foundation\Http\FormRequest;

/** A request from the library's pages: which version of the library was looked at. */
final class LibraryRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['nullable', 'integer', 'min:0'],
            'token' => ['nullable', 'uuid'],
            'order' => ['nullable', 'string', 'regex:/^[0-9,]*$/', 'max:20000'],
            'name' => ['nullable', 'string', 'max:200'],
            ...array_fill_keys(['values', 'code', 'kind', 'display', 'synonyms', 'translations', 'swatch.*', 'words', 'loose_words', 'showing', 'need.*', 'language', 'pattern'], ['nullable', 'string', 'max:20000']),
            'swatch' => ['nullable', 'array'],
            'need' => ['nullable', 'array', 'max:200'],
        ];
    }

    public function change(): Change
    {
        return new Change($this->user(), null, $this->integer('version'), token: $this->filled('token') ? $this->string('token')->toString() : null);
    }
}
