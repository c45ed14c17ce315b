<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use App\Http\CropForm;
use Core\Gallery\Crop;

/** Pictures of a product: those that are dropped, and what is done with those that are there. */
final class PicturesRequest extends ProductRequest
{
    use ReadsPictures;

    protected function ownRules(): array
    {
        return $this->pictureRules() + [
            'names' => ['nullable', 'array', ListBound::ofTexts(1_000, 1_000)],
            'batch' => ['nullable', 'uuid'],
            'crop' => ['nullable', 'array', ListBound::ofTexts(1_000, 600)],
            'text' => self::TEXT,
            'role' => self::CHOICE,
            'to' => self::ID,
            'again' => self::YES,
            'everywhere' => self::YES,
            'instead' => self::YES,
            'only' => self::YES,
            'take' => self::YES,
        ];
    }

    /** @return ?Crop what of a picture is shown, as its form says; null where it says nothing */
    public function crop(): ?Crop
    {
        return CropForm::read($this->input('crop'));
    }
}
