<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Bounds\ListBound;
use App\Store\Library\SwatchForm;
use Core\Color\Deficiency;
use Core\Color\Lab;
use Core\Color\Swatches\SwatchKind;
use Core\Color\Swatches\Tile;

/** What a request says of a swatch, and how colors are looked at. */
trait ReadsSwatches
{
    /** @return array<string, list<mixed>> */
    private function swatchRules(): array
    {
        return [
            'colors' => ['nullable', 'array', ListBound::ofTexts(3, 200)],
            'photo' => ['nullable', 'integer', 'min:1'],
        ];
    }

    /** @return ?SwatchForm null where nothing is said of one yet */
    public function swatchForm(): ?SwatchForm
    {
        if (!$this->filled('kind') || !is_array($this->input('colors'))) {
            return null;
        }

        return new SwatchForm(
            SwatchKind::tryFrom($this->string('kind')->toString()) ?? SwatchKind::Colors,
            array_map(strval(...), array_values($this->input('colors'))),
            Tile::tryFrom($this->string('tile')->toString()),
            $this->integer('photo') ?: null,
            $this->string('frame')->toString(),
        );
    }

    /** Whose eyes colors are looked at with; null for everybody's. */
    public function eyes(): ?Deficiency
    {
        return Deficiency::tryFrom($this->string('eyes')->toString());
    }

    /** @return ?Lab where a color was moved to: "45,-12,20" */
    public function lab(): ?Lab
    {
        $numbers = array_map(floatval(...), explode(',', $this->string('lab')->toString()));

        return count($numbers) === 3
            ? new Lab(
                max(0.0, min(100.0, $numbers[0])),
                max(-150.0, min(150.0, $numbers[1])),
                max(-150.0, min(150.0, $numbers[2])),
            )
            : null;
    }

    /** Whether a change is meant for this product only. */
    public function isHereOnly(): bool
    {
        return $this->string('scope')->toString() !== 'everywhere';
    }
}
