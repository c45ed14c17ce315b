<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What a shopper has chosen, in which language and on which width. */
final class PreviewRequest extends ProductRequest
{
    protected function ownRules(): array
    {
        return ['choice' => self::TEXT, 'lang' => self::CHOICE, 'width' => self::CHOICE];
    }
}
