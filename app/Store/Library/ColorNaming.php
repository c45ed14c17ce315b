<?php

declare(strict_types=1);

namespace App\Store\Library;

use App\Models\LibraryValue;
use Core\Color\Names\NamedColor;
use Core\Color\Names\NamedColors;
use Core\Color\Names\NearColor;
use Core\Color\Names\TypedColor;
use Core\Color\Srgb;
use Core\Color\UnreadableColor;
use Core\Matrix\AxisKind;
use Core\Text\Name;

/**
 * Colors for names and names for colors: the shop's own, those of the web, and an open list that ships with the
 * screens.
 */
final class ColorNaming
{
    /** @var ?list<NamedColor> */
    private ?array $own = null;

    /** @var ?list<NamedColor> */
    private ?array $open = null;

    /** @param  string  $list  the file of the open list: JSON, each with name and hex */
    public function __construct(private readonly string $list) {}

    /**
     * A color as somebody typed it, or as somebody calls it.
     *
     * @throws UnreadableColor
     */
    public function read(string $typed): NamedColor
    {
        $called = $this->called($this->own(), $typed);
        if ($called !== null) {
            return $called;
        }
        $found = TypedColor::find($typed);
        if ($found !== null) {
            return new NamedColor($found->isExact ? '' : 'the nearest that a screen shows', $found->color);
        }

        return $this->called($this->open(), $typed) ?? throw UnreadableColor::typed($typed);
    }

    /** @return list<NearColor> the nearest first */
    public function near(Srgb $color, int $most): array
    {
        return (new NamedColors([...$this->own(), ...$this->open()]))->near($color, $most);
    }

    /** A name for a color that the shop does not have yet: the nearest of the open list. */
    public function proposed(Srgb $color): string
    {
        return (new NamedColors($this->open()))->near($color, 1)[0]->named->name ?? '';
    }

    /** @param  list<NamedColor>  $names */
    private function called(array $names, string $typed): ?NamedColor
    {
        $bare = Name::of(mb_substr($typed, 0, 100))->bare();
        foreach ($names as $named) {
            // Most names of the list are of another length, and need no folding to be told apart.
            if (
                $bare !== '' &&
                abs(mb_strlen($named->name) - mb_strlen($typed)) < 6 &&
                Name::of($named->name)->bare() === $bare
            ) {
                return $named;
            }
        }

        return null;
    }

    /** @return list<NamedColor> values of axes of colors under all their names */
    private function own(): array
    {
        if ($this->own === null) {
            $this->own = [];
            foreach (
                LibraryValue::query()
                    ->whereHas('axis', fn($axis) => $axis->where('kind', AxisKind::Color))
                    ->whereNotNull('swatch')
                    ->orderBy('position')
                    ->get()
                as $value
            ) {
                foreach ([$value->name, ...$value->synonyms] as $name) {
                    $this->own[] = new NamedColor($name, $value->look()?->main() ?? new Srgb(0, 0, 0), true);
                }
            }
        }

        return $this->own;
    }

    /** @return list<NamedColor> */
    private function open(): array
    {
        if ($this->open === null) {
            /** @var list<array{name: string, hex: string}> $list */
            $list = json_decode((string) file_get_contents($this->list), true, flags: JSON_THROW_ON_ERROR);
            $this->open = array_map(
                fn(array $color): NamedColor => new NamedColor($color['name'], Srgb::fromHex($color['hex'])),
                $list,
            );
        }

        return $this->open;
    }
}
