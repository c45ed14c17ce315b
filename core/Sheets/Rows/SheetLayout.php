<?php

declare(strict_types=1);

namespace Core\Sheets\Rows;

use Core\Matrix\AxisKind;
use Core\Matrix\Typed\ValueReader;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Columns\SheetColumn;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Reading\PictureCells;
use Core\Text\Name;

/** How the rows of a sheet are laid out: what its columns say, and what one of its rows is about. */
final readonly class SheetLayout
{
    /** Of the rows that say a value, so many in a hundred have lists. */
    private const MOST_OF = 30;

    private const SIZE = '/^(?:(?:size|gr\.?|größe|t\.?|eu)\s*)?(?:\d{0,2}x{0,4}[sl]|m|one size|\d{1,3}(?:[.,]5|½)?|\d{1,3}[-\/]\d{1,3})$/iu';

    /** @var array<int, string> place of a column that says something => key of its field */
    private array $keys;

    /** @var array<int, string> place of a column that says something => unit of its bare numbers */
    private array $units;

    /**
     * @param  list<SheetColumn>  $columns
     * @param  list<int>  $sizes  places of columns that are called by a size, where sizes lie across
     * @param  string  $axis  what the axis of sizes that lie across is called
     * @param  FieldKind  $across  what stands in their cells
     */
    public function __construct(
        public array $columns,
        public RowShape $shape = RowShape::SkuRows,
        public array $sizes = [],
        public string $axis = 'Size',
        public FieldKind $across = FieldKind::Stock,
    ) {
        $keys = $units = [];
        foreach ($columns as $column) {
            if ($column->field !== null && !in_array($column->place, $sizes, true)) {
                $keys[$column->place] = $column->field->key();
                $units[$column->place] = $column->unit;
            }
        }
        $this->keys = $keys;
        $this->units = array_filter($units, fn(string $unit): bool => $unit !== '');
    }

    /**
     * Recognizes the shape of a sheet.
     *
     * @param  list<SheetColumn>  $columns
     * @param  list<list<string>>  $sample  some rows
     * @param  string  $axis  what the shop calls sizes
     */
    public static function recognized(array $columns, array $sample, string $axis): self
    {
        $sizes = self::sizeColumns($columns);
        $hasSizes = array_filter(
            $columns,
            fn(SheetColumn $column): bool => $column->field?->key() === Field::axis($axis)->key(),
        );
        if (count($sizes) > 1 && $hasSizes === []) {
            return new self($columns, RowShape::SizesAcross, $sizes, $axis, self::acrossOf($columns, $sizes, $sample));
        }

        return new self(
            $columns,
            self::hasLists($columns, $sample) ? RowShape::ProductRows : RowShape::SkuRows,
            [],
            $axis,
        );
    }

    /** The same as a person wants it. */
    public function as(RowShape $shape, ?FieldKind $across = null): self
    {
        return new self(
            $this->columns,
            $shape,
            $shape === RowShape::SizesAcross ? self::sizeColumns($this->columns) : [],
            $this->axis,
            $across ?? $this->across,
        );
    }

    /** @return list<Field> that its rows say */
    public function fields(): array
    {
        $fields = [];
        foreach ($this->columns as $column) {
            if ($column->field !== null && !$column->field->kind->isIgnored()) {
                $fields[$column->field->key()] = $column->field;
            }
            if ($column->field?->kind === FieldKind::EffectivePrice) {
                $fields[$column->field->key()] = $column->field;
            }
        }
        if ($this->shape === RowShape::SizesAcross) {
            $axis = Field::axis($this->axis);
            $fields[$axis->key()] = $axis;
            $fields[$this->across->value] = Field::of($this->across);
        }

        return array_values($fields);
    }

    /** Whether all of its headers are ours. */
    public function isOurs(): bool
    {
        foreach ($this->columns as $column) {
            if ($column->field !== null && $column->field->header() !== Name::of($column->header)->shown) {
                return false;
            }
        }

        return true;
    }

    /**
     * The rows that a row of the sheet means, under its number.
     *
     * @param  list<string>  $cells
     * @return non-empty-list<GivenRow>
     */
    public function rows(int $number, array $cells): array
    {
        $said = $this->said($cells);

        return match ($this->shape) {
            RowShape::SkuRows => [new GivenRow($number, $said)],
            RowShape::ProductRows => self::combined($number, $said),
            RowShape::SizesAcross => $this->sized($number, $said, $cells),
        };
    }

    /**
     * @param  list<string>  $cells
     * @return array<string, string> by key of the field
     */
    private function said(array $cells): array
    {
        $said = [];
        foreach ($this->keys as $place => $key) {
            $text = trim($cells[$place] ?? '');
            if ($text === '') {
                continue;
            }
            if (isset($this->units[$place]) && is_numeric(str_replace(',', '.', $text))) {
                $text = "{$text} {$this->units[$place]}";
            }
            $said[$key] = isset($said[$key])
                ? implode('|', [...PictureCells::names($said[$key]), ...PictureCells::names($text)])
                : $text;
        }

        return $said;
    }

    /**
     * @param  array<string, string>  $said
     * @return non-empty-list<GivenRow>
     */
    private static function combined(int $number, array $said): array
    {
        $rows = [$said];
        foreach ($said as $key => $text) {
            $parts = str_starts_with($key, FieldKind::Axis->value . ' ') ? self::parts($text) : [];
            if (count($parts) > 1) {
                $longer = [];
                foreach ($rows as $row) {
                    foreach ($parts as $part) {
                        $longer[] = array_replace($row, [$key => $part]);
                    }
                }
                $rows = $longer;
            }
        }
        if (count($rows) > 1 && isset($said[FieldKind::Sku->value]) && !isset($said[FieldKind::Product->value])) {
            // A code of one SKU cannot be that of several: it is the product's.
            $rows = array_map(function (array $row): array {
                $code = $row[FieldKind::Sku->value];
                unset($row[FieldKind::Sku->value]);

                return [FieldKind::Product->value => $code] + $row;
            }, $rows);
        }

        return array_map(fn(array $row): GivenRow => new GivenRow($number, $row), $rows);
    }

    /** @return list<string> */
    private static function parts(string $text): array
    {
        return (new ValueReader())->read($text, AxisKind::Other)->labels();
    }

    /**
     * @param  array<string, string>  $said
     * @param  list<string>  $cells
     * @return non-empty-list<GivenRow>
     */
    private function sized(int $number, array $said, array $cells): array
    {
        $rows = [];
        $axis = Field::axis($this->axis)->key();
        foreach ($this->columns as $column) {
            $text = trim($cells[$column->place] ?? '');
            if (in_array($column->place, $this->sizes, true) && $text !== '') {
                $size = (string) preg_replace('/^(?:size|gr\.?|größe|t\.?)\s+/iu', '', $column->header);
                $rows[] = new GivenRow($number, [$axis => $size, $this->across->value => $text] + $said);
            }
        }

        return $rows === [] ? [new GivenRow($number, $said)] : $rows;
    }

    /**
     * @param  list<SheetColumn>  $columns
     * @return list<int>
     */
    private static function sizeColumns(array $columns): array
    {
        $sizes = [];
        foreach ($columns as $column) {
            if ($column->field === null && preg_match(self::SIZE, trim($column->header)) === 1) {
                $sizes[] = $column->place;
            }
        }

        return $sizes;
    }

    /**
     * Whole numbers are stock, others are prices; a column for the one or the other says which it cannot be.
     *
     * @param  list<SheetColumn>  $columns
     * @param  list<int>  $sizes
     * @param  list<list<string>>  $sample
     */
    private static function acrossOf(array $columns, array $sizes, array $sample): FieldKind
    {
        $kinds = array_map(fn(SheetColumn $column): ?FieldKind => $column->field?->kind, $columns);
        if (in_array(FieldKind::Stock, $kinds, true)) {
            return FieldKind::Price;
        }
        foreach ($sample as $row) {
            foreach ($sizes as $place) {
                if (preg_match('/^\D*\d+[.,]\d{2}\D*$/', trim($row[$place] ?? '')) === 1) {
                    return FieldKind::Price;
                }
            }
        }

        return FieldKind::Stock;
    }

    /**
     * @param  list<SheetColumn>  $columns
     * @param  list<list<string>>  $sample
     */
    private static function hasLists(array $columns, array $sample): bool
    {
        foreach ($columns as $column) {
            if ($column->field?->kind !== FieldKind::Axis) {
                continue;
            }
            $cells = array_filter(array_map(trim(...), array_column($sample, $column->place)));
            $lists = array_filter(
                $cells,
                fn(string $cell): bool => preg_match('/[,;|\n]/', $cell) === 1 && count(self::parts($cell)) > 1,
            );
            if ($lists !== [] && count($lists) * 100 >= count($cells) * self::MOST_OF) {
                return true;
            }
        }

        return false;
    }
}
