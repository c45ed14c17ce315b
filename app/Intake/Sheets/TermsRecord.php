<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Sheets\Sheet;
use Core\Sheets\Reading\EmptyCells;

/** What a person has said of how a sheet is to be read, and what was found on the way, as it is stored. */
final readonly class TermsRecord
{
    /**
     * @param  array<string, true>  $confirmed  names that are new although they are nearly what is there, and pictures
     *   that it goes without
     * @param  list<array{int, string, int}>  $doubles  row, header of the field, the row of another product that says
     *   the same
     */
    public function __construct(public EmptyCells $empty, public array $confirmed, public array $doubles) {}

    public static function of(Sheet $sheet): self
    {
        /** @var array{empty?: string, confirmed?: array<string, true>, doubles?: list<array{int, string, int}>} $stored */
        $stored = $sheet->terms;

        return new self(
            EmptyCells::from($stored['empty'] ?? EmptyCells::Keep->value),
            $stored['confirmed'] ?? [],
            $stored['doubles'] ?? [],
        );
    }

    /** @return array<string, mixed> */
    public function encode(): array
    {
        return ['empty' => $this->empty->value, 'confirmed' => $this->confirmed, 'doubles' => $this->doubles];
    }
}
