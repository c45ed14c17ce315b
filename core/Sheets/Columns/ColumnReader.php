<?php

declare(strict_types=1);

namespace Core\Sheets\Columns;

use Core\Codes\Gtin;
use Core\Color\Names\ColorNames;
use Core\Matrix\AxisKind;
use Core\Text\Name;

/**
 * Recognizes what the columns of a sheet say: by our own headers, by what a sender's columns were taken for before, by
 * the trade's usual words and the shop's own axes, and last by what stands in them. What says the same as a column
 * before it is left alone, but for pictures, of which several columns may be.
 */
final readonly class ColumnReader
{
    /** Of the cells that hold something, so many in a hundred have to look alike. */
    private const MOST_OF = 80;

    private const FEWEST = 2;

    /** Characters; a longer text only has a color in it. */
    private const LONGEST_COLOR = 24;

    /**
     * @param  array<string, string>  $remembered  folded header => our header of the field; empty for left alone
     * @param  array<string, AxisKind>  $axes  names of the shop's axes, with what each is
     */
    public function __construct(private array $remembered = [], private array $axes = []) {}

    /**
     * @param  list<string>  $headers
     * @param  list<list<string>>  $sample  some rows
     * @return list<SheetColumn>
     */
    public function read(array $headers, array $sample): array
    {
        $columns = [];
        foreach ($headers as $place => $header) {
            $columns[$place] = $this->byHeader($place, trim($header));
        }
        $seen = [];
        foreach ($columns as $place => $column) {
            $columns[$place] = $this->once($column, $seen);
        }
        foreach ($columns as $place => $column) {
            if ($column->field === null && $column->ground === ColumnGround::Unknown) {
                $columns[$place] = $this->once($this->byContent($column, array_column($sample, $place)), $seen);
            }
        }

        return array_values($columns);
    }

    private function byHeader(int $place, string $header): SheetColumn
    {
        $folded = Name::of($header)->folded;
        if (isset($this->remembered[$folded])) {
            return new SheetColumn(
                $place,
                $header,
                Field::named($this->remembered[$folded]),
                ColumnGround::Remembered,
                UsualHeaders::find($header)[1] ?? '',
            );
        }
        $own = Field::named($header);
        if ($own !== null) {
            return new SheetColumn($place, $header, $own, ColumnGround::OwnHeader);
        }
        foreach (array_keys($this->axes) as $axis) {
            if (Name::of($axis)->folded === $folded) {
                return new SheetColumn($place, $header, Field::axis($axis), ColumnGround::UsualHeader);
            }
        }
        [$usual, $unit] = UsualHeaders::find($header) ?? ['', ''];
        $field = match ($usual) {
            '' => null,
            'axis size' => Field::axis($this->axisOf(AxisKind::Size, 'Size')),
            'axis color' => Field::axis($this->axisOf(AxisKind::Color, 'Color')),
            default => Field::named($usual),
        };

        return new SheetColumn(
            $place,
            $header,
            $field,
            $field === null ? ColumnGround::Unknown : ColumnGround::UsualHeader,
            $unit,
        );
    }

    /** The shop's own axis of a kind, else what it is usually called. */
    private function axisOf(AxisKind $kind, string $usual): string
    {
        $own = array_search($kind, $this->axes, true);

        return isset($this->axes[$usual]) || $own === false ? $usual : $own;
    }

    /** @param  array<string, true>  $seen */
    private function once(SheetColumn $column, array &$seen): SheetColumn
    {
        $key = $column->field?->key();
        if ($column->field === null || $column->field->kind === FieldKind::Photos) {
            return $column;
        }
        $isAgain = isset($seen[$key]);
        $seen[$key] = true;

        return $isAgain
            ? new SheetColumn($column->place, $column->header, null, ColumnGround::Unknown, $column->unit)
            : $column;
    }

    /** @param  list<string>  $cells */
    private function byContent(SheetColumn $column, array $cells): SheetColumn
    {
        $cells = array_values(array_filter(array_map(trim(...), $cells), fn(string $cell): bool => $cell !== ''));
        $field = match (true) {
            count($cells) < self::FEWEST => null,
            $this->areMostly($cells, $this->isPicture(...)) => Field::of(FieldKind::Photos),
            $this->areMostly($cells, $this->isGtin(...)) => Field::of(FieldKind::Gtin),
            $this->areMostly($cells, $this->isColor(...)) => Field::axis($this->axisOf(AxisKind::Color, 'Color')),
            $this->areMostly($cells, $this->isSize(...)) => Field::axis($this->axisOf(AxisKind::Size, 'Size')),
            default => null,
        };

        return $field === null
            ? $column
            : new SheetColumn($column->place, $column->header, $field, ColumnGround::Content, $column->unit);
    }

    /**
     * @param  non-empty-list<string>  $cells
     * @param  callable(string): bool  $looks
     */
    private function areMostly(array $cells, callable $looks): bool
    {
        return count(array_filter($cells, $looks)) * 100 >= count($cells) * self::MOST_OF;
    }

    private function isPicture(string $cell): bool
    {
        return preg_match('/\.(?:jpe?g|png|webp|gif|tiff?|avif|heic)(?:$|[?|;,\s])/i', $cell) === 1;
    }

    private function isGtin(string $cell): bool
    {
        return preg_match('/^\d{12,14}$/', $cell) === 1 && Gtin::isValid($cell);
    }

    private function isColor(string $cell): bool
    {
        return mb_strlen($cell) <= self::LONGEST_COLOR && ColorNames::swatch(Name::of($cell)->folded) !== null;
    }

    /** Letter sizes only: a number may be anything. */
    private function isSize(string $cell): bool
    {
        return preg_match('/^(?:\d{0,2}x{0,4}[sl]|m|one size|small|medium|large)$/i', $cell) === 1;
    }
}
