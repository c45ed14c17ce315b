<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Sheets\Columns\Field;

/** Something that a sheet says, and the row in which it stands. */
final readonly class SaidCell
{
    public function __construct(public GivenRow $row, public Field $field, public string $text) {}

    /** Whether it says that nothing is there. */
    public function isNothing(): bool
    {
        return $this->text === '' || mb_strtolower($this->text) === GivenRow::NONE;
    }
}
