<?php

declare(strict_types=1);

namespace Core\Text;

use Core\CoreException;

final class UnreadableDay extends CoreException
{
    public function __construct(string $typed)
    {
        parent::__construct(
            '“' . mb_substr($typed, 0, 20) . '” is not a day. Type year, month and day, such as 2026-12-24.',
        );
    }
}
