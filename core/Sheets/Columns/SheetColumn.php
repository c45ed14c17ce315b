<?php

declare(strict_types=1);

namespace Core\Sheets\Columns;

/** A column of a sheet, and what it is taken to say. */
final readonly class SheetColumn
{
    /**
     * @param  int  $place  from 0
     * @param  string  $header  as it stands in the sheet; may be empty
     * @param  ?Field  $field  null where it is left alone
     * @param  ColumnGround  $ground  why it is read so
     * @param  string  $unit  that its cells are meant in, where the header says one: "kg"
     */
    public function __construct(
        public int $place,
        public string $header,
        public ?Field $field,
        public ColumnGround $ground,
        public string $unit = '',
    ) {}

    /** The same column saying something else, or nothing, as a person wants it. */
    public function saying(?Field $field): self
    {
        return new self($this->place, $this->header, $field, ColumnGround::Chosen, $this->unit);
    }

    /** "A", "B", … "AA": as spreadsheets call it. */
    public function letter(): string
    {
        $letter = '';
        for ($left = $this->place + 1; $left > 0; $left = intdiv($left - 1, 26)) {
            $letter = chr(65 + (($left - 1) % 26)) . $letter;
        }

        return $letter;
    }
}
