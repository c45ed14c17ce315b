<?php

declare(strict_types=1);

namespace App\Http;

use App\Accounts\AccountForm;
use App\Accounts\NewPassword;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** A request about an account: one's own, or another's. */
final class AccountRequest extends FormRequest
{
    private const TEXTS = [
        'seen',
        'name',
        'email',
        'right',
        'zone',
        'language',
        'current_password',
        'password',
        'password_confirmation',
        'session',
    ];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return array_fill_keys(self::TEXTS, ['nullable', 'string', 'max:1000']);
    }

    public function own(): User
    {
        /** @var User */
        return $this->user();
    }

    public function form(): AccountForm
    {
        return AccountForm::typed($this->text('name'), $this->text('email'), $this->text('right'));
    }

    public function newPassword(): NewPassword
    {
        return NewPassword::typed(
            $this->text('password'),
            $this->text('password_confirmation'),
            $this->own()->name,
            $this->own()->email,
        );
    }

    /** What the page showed of the account. */
    public function seen(): string
    {
        return $this->text('seen');
    }

    public function text(string $field): string
    {
        return (string) $this->input($field);
    }
}
