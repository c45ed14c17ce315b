<?php

declare(strict_types=1);

namespace App\Console\Reports;

use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductColors;
use Core\Checks\Finding;
use Core\Checks\ValuePicture;
use Core\Color\Lab;
use Core\Color\Measuring\ColorShare;
use Core\Color\Srgb;

/** The swatches of a product, what was measured of its pictures and what was found, as the exchange format has it. */
final readonly class ColorReport
{
    /**
     * @return array{product: string, swatches: list<array<string, mixed>>, photos: list<array<string, mixed>>,
     *   findings: list<array<string, mixed>>}
     */
    public function of(LoadedProduct $loaded): array
    {
        $all = new ProductColors($loaded);
        $report = ['product' => $loaded->product->code, 'swatches' => [], 'photos' => [], 'findings' => []];
        foreach ($all->axes() as $axis) {
            $colors = $all->of($axis);
            $label = fn(int $valueId): string => $axis->value($valueId)->label ?? '';
            foreach ($axis->values as $value) {
                $swatch = $colors->swatch($value->id);
                $report['swatches'][] = [
                    'axis' => $axis->name,
                    'value' => $value->label,
                    'colors' => array_map(fn(Srgb $color): string => $color->hex(), $swatch->colors ?? []),
                    'lab' => array_map($this->lab(...), $swatch->colors ?? []),
                    'kind' => $swatch?->kind()->value,
                    'shown_as' => $axis->display->value,
                ];
            }
            foreach ($colors->pictures as $picture) {
                $report['photos'][] = $this->photo($picture, $label($picture->valueId), $colors->distance($picture));
            }
            foreach ($all->findings($axis) as $finding) {
                $report['findings'][] = $this->finding($finding, array_map($label, $finding->valueIds));
            }
        }

        return $report;
    }

    /** @return array<string, mixed> */
    private function photo(ValuePicture $picture, string $value, ?float $distance): array
    {
        return [
            'file' => $picture->file,
            'value' => $value,
            'colors' => array_map(
                fn(ColorShare $share): array => ['hex' => $share->color->hex(), 'share' => round($share->share, 4)],
                $picture->seen->colors,
            ),
            'delta_e00' => $distance === null ? null : round($distance, 2),
            'doubt' => $picture->seen->doubt,
        ];
    }

    /**
     * @param  list<string>  $values
     * @return array<string, mixed>
     */
    private function finding(Finding $finding, array $values): array
    {
        return [
            'id' => $finding->check->key(),
            'severity' => $finding->check->severity()->value,
            'values' => $values,
            'delta_e00' => $finding->distance === null ? null : round($finding->distance, 2),
            'message' => $finding->message,
        ];
    }

    /** @return array{float, float, float} */
    private function lab(Srgb $color): array
    {
        $lab = Lab::of($color);

        return [round($lab->lightness, 2), round($lab->a, 2), round($lab->b, 2)];
    }
}
