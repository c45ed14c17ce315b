<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Points of a product's history. */
final class HistoryRequest extends ProductRequest
{
    protected function ownRules(): array
    {
        return ['from' => self::ID, 'to' => self::ID];
    }
}
