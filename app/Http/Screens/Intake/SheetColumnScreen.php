<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use Core\Sheets\Columns\ColumnGround;
use Core\Sheets\Columns\SheetColumn;

/** A column of a sheet as its page draws it. */
final readonly class SheetColumnScreen
{
    /** @param  list<string>  $examples  some of its cells */
    public function __construct(public SheetColumn $column, private array $examples, private bool $isSize) {}

    public function header(): string
    {
        return $this->column->header === '' ? __('sheets.no_header') : $this->column->header;
    }

    public function field(): string
    {
        return $this->column->field?->header() ?? '';
    }

    public function ground(): string
    {
        return $this->isSize ? __('sheets.ground_size') : __("sheets.ground_{$this->column->ground->value}");
    }

    public function isUnknown(): bool
    {
        return !$this->isSize && $this->column->ground === ColumnGround::Unknown;
    }

    public function examples(): string
    {
        $some = array_filter(
            array_map(
                fn(string $cell): string => mb_strimwidth((string) preg_replace('/\s+/u', ' ', $cell), 0, 32, '…'),
                $this->examples,
            ),
            fn(string $cell): bool => $cell !== '',
        );

        return implode(' · ', array_slice(array_unique($some), 0, 3));
    }
}
