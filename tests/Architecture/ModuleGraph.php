<?php

declare(strict_types=1);

namespace Tests\Architecture;

/**
 * The modules of the core and of the application as the code has them, drawn as SVG: each above those that it uses.
 * What follows from other arrows is left out.
 */
final class ModuleGraph
{
    private const WIDTH = 104;

    private const HEIGHT = 30;

    private const GAP = 18;

    private const RISE = 66;

    private const MARGIN = 24;

    /** @var array<string, array<string, true>> module => those that it uses */
    private array $uses = [];

    /** @param  string  $folder  core or app */
    private function __construct(string $folder)
    {
        $root = ucfirst($folder);
        foreach (Source::below(dirname(__DIR__, 2) . "/{$folder}") as $source) {
            $module = explode('\\', $source->module() ?? '\\')[1] ?? '';
            if ($module === '') {
                continue;
            }
            $this->uses[$module] ??= [];
            foreach ($source->classes() as $class) {
                $parts = explode('\\', $class);
                if ($parts[0] === $root && isset($parts[2]) && $parts[1] !== $module) {
                    $this->uses[$module][$parts[1]] = true;
                }
            }
        }
        ksort($this->uses);
    }

    public static function svg(): string
    {
        $core = new self('core');
        $app = new self('app');
        $height = max($core->height(), $app->height());
        $width = $core->width() + $app->width();
        $core = $core->drawn('core', 0, $height);
        $appDrawn = $app->drawn('app', $width - $app->width(), $height);

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$width} {$height}\" width=\"{$width}\" height=\"{$height}\" font-family=\"sans-serif\" font-size=\"13\">\n" .
            "<title>Which module uses which; app uses core as well</title>\n" .
            "<rect width=\"{$width}\" height=\"{$height}\" fill=\"#ffffff\"/>\n{$core}{$appDrawn}</svg>\n";
    }

    /** @return array<int, list<string>> level, from 0 for those that use none => modules */
    private function levels(): array
    {
        $levels = [];
        foreach (array_keys($this->uses) as $module) {
            $levels[$this->level($module)][] = $module;
        }
        ksort($levels);

        return $levels;
    }

    private function level(string $module): int
    {
        $below = array_map($this->level(...), array_keys($this->uses[$module] ?? []));

        return $below === [] ? 0 : 1 + max($below);
    }

    /** @return list<string> those that it uses, but for what these use themselves */
    private function direct(string $module): array
    {
        $own = array_keys($this->uses[$module]);
        $further = array_merge([], ...array_map($this->all(...), $own));

        return array_values(array_diff($own, $further));
    }

    /** @return list<string> */
    private function all(string $module): array
    {
        $own = array_keys($this->uses[$module] ?? []);

        return array_values(array_unique(array_merge($own, ...array_map($this->all(...), $own))));
    }

    private function width(): int
    {
        $widest = max(array_map(count(...), $this->levels()));

        return $widest * (self::WIDTH + self::GAP) - self::GAP + 2 * self::MARGIN;
    }

    private function height(): int
    {
        return (count($this->levels()) - 1) * self::RISE + self::HEIGHT + 2 * self::MARGIN + 20;
    }

    private function drawn(string $name, int $left, int $height): string
    {
        $places = [];
        foreach ($this->levels() as $level => $modules) {
            $row = count($modules) * (self::WIDTH + self::GAP) - self::GAP;
            foreach ($modules as $at => $module) {
                $x = $left + intdiv($this->width() - $row, 2) + $at * (self::WIDTH + self::GAP);
                $places[$module] = [$x, $height - self::MARGIN - self::HEIGHT - $level * self::RISE];
            }
        }
        $svg = '';
        foreach ($places as $module => [$x, $y]) {
            foreach ($this->direct($module) as $used) {
                [$toX, $toY] = $places[$used];
                // One that passes a level goes around what stands there.
                $bow = $toY - $y > self::RISE ? intdiv(self::WIDTH + self::GAP, 2) + 6 : 0;
                [$fromX, $fromY, $endX] = [$x + self::WIDTH / 2, $y + self::HEIGHT, $toX + self::WIDTH / 2];
                $svg .= sprintf(
                    "<path d=\"M%d %dC%d %d %d %d %d %d\" stroke=\"#8a8f98\" fill=\"none\"/>\n",
                    $fromX,
                    $fromY,
                    $fromX + $bow,
                    $fromY + 24,
                    $endX + $bow,
                    $toY - 24,
                    $endX,
                    $toY,
                );
            }
        }
        foreach ($places as $module => [$x, $y]) {
            $svg .= sprintf(
                "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\" rx=\"4\" fill=\"#eef0f6\" stroke=\"#3d4a7a\"/><text x=\"%d\" y=\"%d\" text-anchor=\"middle\" fill=\"#1d2230\">%s</text>\n",
                $x,
                $y,
                self::WIDTH,
                self::HEIGHT,
                $x + self::WIDTH / 2,
                $y + 20,
                $module,
            );
        }

        return $svg . sprintf("<text x=\"%d\" y=\"20\" fill=\"#5b616e\">%s/</text>\n", $left + self::MARGIN, $name);
    }
}
