<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use Illuminate\Foundation\Http\FormRequest;

/** How products are wanted as a sheet. */
final class SheetOutRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ending' => ['nullable', 'in:csv,xlsx,ods,zip'],
            'columns' => ['nullable', 'array', ListBound::ofTexts(400, 200)],
        ];
    }

    public function ending(): string
    {
        $given = $this->input('ending');

        return is_string($given) ? $given : 'csv';
    }

    /** @return ?list<string> headers of the columns that were chosen; null for all */
    public function columns(): ?array
    {
        $given = $this->input('columns');

        return is_array($given) ? array_values(array_filter($given, is_string(...))) : null;
    }
}
