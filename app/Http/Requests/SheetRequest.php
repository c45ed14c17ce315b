<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use App\Intake\Sheets\Mending;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\EmptyCells;
use Core\Sheets\Reading\ProblemKind;
use Core\Sheets\Rows\RowShape;
use Core\Sheets\Verdicts\SheetVerdict;
use Illuminate\Foundation\Http\FormRequest;

/** A request from the pages of a sheet. */
final class SheetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(
                ['verdict', 'kind', 'shape', 'across', 'empty', 'way', 'field'],
                ['nullable', 'string', 'max:200'],
            ),
            'text' => ['nullable', 'string', 'max:32767'],
            'after' => ['nullable', 'integer', 'min:0', 'max:10000000'],
            'row' => ['nullable', 'integer', 'min:1', 'max:10000000'],
            'most' => ['nullable', 'integer', 'min:1', 'max:100000'],
            'columns' => ['nullable', 'array', ListBound::ofTexts(300, 200)],
        ];
    }

    public function verdict(): ?SheetVerdict
    {
        return SheetVerdict::tryFrom($this->text('verdict'));
    }

    public function kind(): ?ProblemKind
    {
        return ProblemKind::tryFrom($this->text('kind'));
    }

    public function afterRow(): int
    {
        return $this->integer('after');
    }

    public function row(): int
    {
        return $this->integer('row');
    }

    /** Products of a pilot; null for all. */
    public function most(): ?int
    {
        return $this->filled('most') ? $this->integer('most') : null;
    }

    public function shape(): RowShape
    {
        return RowShape::tryFrom($this->text('shape')) ?? RowShape::SkuRows;
    }

    public function across(): FieldKind
    {
        return $this->text('across') === FieldKind::Price->value ? FieldKind::Price : FieldKind::Stock;
    }

    public function emptyCells(): EmptyCells
    {
        return EmptyCells::tryFrom($this->text('empty')) ?? EmptyCells::Keep;
    }

    /** @throws Refusal */
    public function way(): Mending
    {
        return Mending::tryFrom($this->text('way')) ??
            throw new Refusal(__('sheets.say_what_to_do'), RefusalKind::Missing, 'way');
    }

    /** @return array<int, string> place of a column => header of its field */
    public function columns(): array
    {
        $given = $this->input('columns');
        $columns = [];
        foreach (is_array($given) ? $given : [] as $place => $field) {
            if (is_int($place)) {
                $columns[$place] = is_string($field) ? $field : '';
            }
        }

        return $columns;
    }

    public function text(string $field): string
    {
        $given = $this->input($field);

        return is_string($given) ? $given : '';
    }
}
