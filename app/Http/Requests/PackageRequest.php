<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Core\Sheets\Verdicts\SheetVerdict;
use Illuminate\Foundation\Http\FormRequest;

/** A request from the page of a package. */
final class PackageRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'verdict' => ['nullable', 'string', 'max:20'],
            'after' => ['nullable', 'integer', 'min:0', 'max:10000000'],
        ];
    }

    public function verdict(): ?SheetVerdict
    {
        $given = $this->input('verdict');

        return is_string($given) ? SheetVerdict::tryFrom($given) : null;
    }

    /** After which product of the package the page begins. */
    public function afterRow(): int
    {
        $given = $this->input('after');

        return is_numeric($given) ? (int) $given : 0;
    }
}
