<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Gallery\Views;

/** Roles of pictures, given one by one or by views. */
final class RolesRequest extends ProductRequest
{
    protected function ownRules(): array
    {
        return [
            'role' => self::CHOICE,
            'views' => ['nullable', 'array', ListBound::ofTexts(1_000, 600)],
        ];
    }

    /**
     * A rule for roles.
     *
     * @return array<string, View> role's value => the view that is to have it
     */
    public function roleViews(Views $known): array
    {
        $views = [];
        foreach ($this->fields('views') as $role => $key) {
            $view = $known->find(is_string($key) ? $key : null);
            if ($view !== null && Role::tryFrom((string) $role) !== null) {
                $views[(string) $role] = $view;
            }
        }

        return $views;
    }
}
