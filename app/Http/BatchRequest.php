<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\BatchProductState;
use Illuminate\Foundation\Http\FormRequest;

/** A request from the bulk desk: which act, with what, all or nothing. */
final class BatchRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return array_fill_keys(['what', 'value', 'of', 'mode', 'state', 'after'], ['nullable', 'string', 'max:300']);
    }

    /** What is to be changed, as the form has it: "sku-price", "details:brand", "details:shot_list_id:3". */
    public function what(): string
    {
        return $this->text('what');
    }

    public function act(): string
    {
        return explode(':', $this->what())[0];
    }

    /** @return array<string, ?string> */
    public function wanted(): array
    {
        $parts = explode(':', $this->what());

        $more = match ($this->act()) {
            'details' => ['field' => $parts[1] ?? ''],
            'value-price' => ['of' => $this->text('of')],
            default => [],
        };

        return $more + ['value' => $parts[2] ?? $this->text('value')];
    }

    public function isWhole(): bool
    {
        return $this->text('mode') === 'all';
    }

    public function shown(): ?BatchProductState
    {
        return BatchProductState::tryFrom($this->text('state'));
    }

    public function afterProduct(): int
    {
        return (int) $this->text('after');
    }

    private function text(string $field): string
    {
        $given = $this->input($field);

        return is_string($given) ? $given : '';
    }
}
