<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Http\Language\Numbers;
use Core\Gallery\Crop;
use Core\Gallery\Shape;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A picture with the mark of its focus, and what it gives in every shape. */
final class CropParts extends Component
{
    /** @var list<Shape> */
    public readonly array $shapes;

    /** @param ?list<Shape> $shapes null for those of the channels */
    public function __construct(
        private readonly Crop $crop,
        public readonly string $picture,
        public readonly int $width,
        public readonly int $height,
        public readonly string $label,
        ?array $shapes = null,
    ) {
        $this->shapes = $shapes ?? Shape::ofChannels();
    }

    /** Everything outside of the frame, as an SVG path. */
    public function outside(): string
    {
        [$left, $top] = [$this->across($this->crop->left), $this->down($this->crop->top)];
        [$width, $height] = [$this->across($this->crop->width), $this->down($this->crop->height)];

        return "M0 0H{$this->width}V{$this->height}H0ZM{$left} {$top}h{$width}v{$height}h-{$width}Z";
    }

    /** Where the mark of the focus stands, as an SVG transform. */
    public function mark(): string
    {
        $scale = max($this->width, $this->height) / 400;

        return "translate({$this->across($this->crop->x)} {$this->down($this->crop->y)}) scale({$scale})";
    }

    public function focusInWords(): string
    {
        return __('parts.focus_across_down', [
            'across' => Numbers::short($this->crop->x / 10),
            'down' => Numbers::short($this->crop->y / 10),
        ]);
    }

    /** In percent, as a form sends it. */
    public function focusAcross(): string
    {
        return $this->percent($this->crop->x);
    }

    public function viewBox(Shape $shape): string
    {
        $cut = $this->crop->cut($shape, $this->width, $this->height);

        return "{$cut->left} {$cut->top} {$cut->width} {$cut->height}";
    }

    /** @return list<array{name: string, label: string, least: int, value: string}> */
    public function fields(): array
    {
        return array_map(
            fn(string $name): array => [
                'name' => $name,
                'label' => __("parts.crop_{$name}"),
                'least' => $name === 'width' || $name === 'height' ? 5 : 0,
                'value' => $this->percent($this->crop->{$name}),
            ],
            ['x', 'y', 'left', 'top', 'width', 'height'],
        );
    }

    private function across(int $thousandths): float
    {
        return ($thousandths * $this->width) / 1000;
    }

    private function down(int $thousandths): float
    {
        return ($thousandths * $this->height) / 1000;
    }

    private function percent(int $thousandths): string
    {
        return (string) ($thousandths / 10);
    }

    public function render(): View
    {
        return view('components.crop-parts');
    }
}
