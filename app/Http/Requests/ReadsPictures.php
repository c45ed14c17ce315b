<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use App\Http\Bounds\NumberBound;
use App\Store\Library\ViewShelf;
use Core\Gallery\UnknownView;
use Core\Gallery\View;

/** Which pictures of the product are meant, and which view. */
trait ReadsPictures
{
    /** @return array<string, list<mixed>> */
    private function pictureRules(): array
    {
        return [
            'placements' => ['nullable', 'array', new ListBound(2_000, new NumberBound())],
            'view' => self::CHOICE,
        ];
    }

    /** @return list<int> */
    public function placementIds(): array
    {
        return array_map(intval(...), array_values($this->fields('placements')));
    }

    /**
     * @return ?View null where none was chosen
     *
     * @throws UnknownView
     */
    public function pictureView(): ?View
    {
        $key = $this->string('view')->toString();

        return $key === '' ? null : app(ViewShelf::class)->views()->find($key) ?? throw UnknownView::called($key);
    }
}
