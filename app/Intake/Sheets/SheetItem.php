<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use Core\Sheets\Verdicts\SheetVerdict;
use stdClass;

/** A product in a sheet. */
final readonly class SheetItem
{
    /**
     * @param  int  $position  its place in the sheet, from 1
     * @param  string  $code  as the sheet says it, or proposed
     * @param  ?int  $near  place of another that is called nearly so
     */
    public function __construct(
        public int $position,
        public string $code,
        public string $name,
        public bool $isCoded,
        public ?int $near = null,
        public ?SheetVerdict $verdict = null,
        public string $words = '',
    ) {}

    public static function of(stdClass $row): self
    {
        return new self(
            (int) $row->position,
            (string) $row->code,
            (string) $row->name,
            (bool) $row->is_coded,
            $row->near_position === null ? null : (int) $row->near_position,
            SheetVerdict::tryFrom((string) $row->verdict),
            (string) $row->words,
        );
    }

    /** "SMOCK Potting smock" */
    public function title(): string
    {
        return trim("{$this->code} {$this->name}");
    }
}
