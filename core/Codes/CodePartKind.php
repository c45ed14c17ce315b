<?php

declare(strict_types=1);

namespace Core\Codes;

/** What stands at a place of a code. */
enum CodePartKind: string
{
    case Product = 'product';
    case Values = 'values';
    case Axis = 'axis';
    case Number = 'number';
    case Text = 'text';

    public function inWords(): string
    {
        return match ($this) {
            self::Product => 'product code',
            self::Values => 'codes of all other values',
            self::Axis => 'code of the value of an axis',
            self::Number => 'running number',
            self::Text => 'fixed text',
        };
    }
}
