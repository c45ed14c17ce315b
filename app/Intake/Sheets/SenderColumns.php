<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use Core\Sheets\Columns\ColumnGround;
use Core\Sheets\Columns\SheetColumn;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** What the columns of a sender's sheets were taken for, so that the next one is read so by itself. */
final class SenderColumns
{
    private const TABLE = 'sender_columns';

    /** @return array<string, string> folded header => header of the field; empty for left alone */
    public function of(string $sender): array
    {
        return $sender === ''
            ? []
            : DB::table(self::TABLE)->where('sender', self::folded($sender))->pluck('field', 'folded')->all();
    }

    /** @param  list<SheetColumn>  $columns  of which those count that a person chose */
    public function remember(string $sender, array $columns): void
    {
        $rows = [];
        foreach ($columns as $column) {
            if ($sender !== '' && $column->ground === ColumnGround::Chosen && $column->header !== '') {
                $rows[] = [
                    'sender' => self::folded($sender),
                    'folded' => mb_substr(Name::of($column->header)->folded, 0, 200),
                    'field' => mb_substr($column->field?->header() ?? '', 0, 120),
                ];
            }
        }
        if ($rows !== []) {
            DB::table(self::TABLE)->upsert($rows, ['sender', 'folded'], ['field']);
        }
    }

    private static function folded(string $sender): string
    {
        return mb_substr(Name::of($sender)->folded, 0, 80);
    }
}
