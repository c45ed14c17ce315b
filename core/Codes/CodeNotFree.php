<?php

declare(strict_types=1);

namespace Core\Codes;

use Core\CoreException;

final class CodeNotFree extends CoreException
{
    public function __construct(public readonly CodeClash $clash)
    {
        parent::__construct(
            "{$clash->inWords()} Give it another, such as {$clash->proposal}, or give one of its values another code.",
        );
    }
}
