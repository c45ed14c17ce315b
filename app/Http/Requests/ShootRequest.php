<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Intake\Shoots\ShootPlace;
use App\Store\Library\ViewShelf;
use Core\Gallery\View;
use Core\Matrix\Combination;
use Illuminate\Foundation\Http\FormRequest;

/** What is laid out otherwise in a shoot. */
final class ShootRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'do' => ['nullable', 'in:move,shift,out,product,part,view,anew'],
            'version' => ['nullable', 'regex:/^[0-9a-f]{16}$/'],
            'product' => ['nullable', 'string', 'max:200'],
            'part' => ['nullable', 'regex:/^(\d{1,18}:\d{1,18}(,\d{1,18}:\d{1,18}){0,5})?$/'],
            'view' => ['nullable', 'string', 'max:80'],
            'batch' => ['nullable', 'regex:/^[0-9A-Za-z]{26}$/'],
            'by' => ['nullable', 'integer', 'between:-1,1'],
            ...array_fill_keys(['file', 'series', 'group', 'place'], ['nullable', 'integer', 'min:0']),
        ];
    }

    public function deed(): string
    {
        return $this->string('do')->toString();
    }

    /** Which layout the page showed. */
    public function seen(): string
    {
        return $this->string('version')->toString();
    }

    public function fileId(): int
    {
        return $this->integer('file');
    }

    public function place(): ShootPlace
    {
        return new ShootPlace($this->integer('series'), $this->integer('group'), $this->integer('place'));
    }

    /** The group that is meant; null for all. */
    public function group(): ?ShootPlace
    {
        return $this->filled('group') ? $this->place() : null;
    }

    public function by(): int
    {
        return $this->integer('by');
    }

    public function typedProduct(): string
    {
        return trim($this->string('product')->toString());
    }

    public function part(): Combination
    {
        return Combination::fromKey($this->string('part')->toString());
    }

    public function pictureView(): ?View
    {
        return app(ViewShelf::class)
            ->views()
            ->find($this->string('view')->toString());
    }

    public function batch(): string
    {
        return $this->string('batch')->toString();
    }
}
