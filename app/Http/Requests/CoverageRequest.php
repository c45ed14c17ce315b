<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;

/** Which views a product needs, and which pictures fill its gaps. */
final class CoverageRequest extends ProductRequest
{
    use ReadsPictures;

    protected function ownRules(): array
    {
        return $this->pictureRules() + [
            'need' => self::CHOICE,
            'reason' => self::TEXT,
            'said' => self::YES,
            'picture_axes' => ['nullable', 'array', ListBound::ofTexts(1_000, 600)],
        ];
    }

    /** @return list<int> ids of the axes that are checked */
    public function pictureAxes(): array
    {
        return array_map(intval(...), array_keys($this->byId('picture_axes')));
    }
}
