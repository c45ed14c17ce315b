<?php

declare(strict_types=1);

namespace App\Http;

use App\History\Change;
use App\Http\Bounds\ListBound;
use Core\Gallery\Crop;
use Illuminate\Foundation\Http\FormRequest;

/** A request from the library's pages: which version of the library was looked at. */
final class LibraryRequest extends FormRequest
{
    use ReadsSwatches;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['nullable', 'integer', 'min:0'],
            'token' => ['nullable', 'uuid'],
            'order' => ['nullable', 'string', 'regex:/^[0-9,]*$/', 'max:20000'],
            'name' => ['nullable', 'string', 'max:200'],
            ...array_fill_keys(
                [
                    'values',
                    'code',
                    'kind',
                    'display',
                    'synonyms',
                    'translations',
                    'words',
                    'loose_words',
                    'showing',
                    'language',
                    'pattern',
                    'file',
                    'text',
                    'find',
                    'by',
                    'eyes',
                    'try',
                    'part',
                    'seen',
                    'lab',
                    'tile',
                    'frame',
                    'scope',
                    'separator',
                    'letters',
                    'longest',
                    'prefix',
                    'first',
                    'last',
                ],
                ['nullable', 'string', 'max:20000'],
            ),
            ...$this->swatchRules(),
            'need' => ['nullable', 'array', ListBound::ofTexts(200, 20_000)],
            'kinds' => ['nullable', 'array', ListBound::ofTexts(20, 200)],
            'texts' => ['nullable', 'array', ListBound::ofTexts(20, 20_000)],
            'crop' => ['nullable', 'array', ListBound::ofTexts(6, 20)],
        ];
    }

    /** @return ?Crop what of a picture is shown, as its form says; null where it says nothing */
    public function crop(): ?Crop
    {
        return CropForm::read($this->input('crop'));
    }

    public function change(): Change
    {
        return new Change(
            Person::of($this),
            null,
            $this->integer('version'),
            token: $this->filled('token') ? $this->string('token')->toString() : null,
        );
    }
}
