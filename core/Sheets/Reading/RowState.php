<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Matrix\SkuState;
use Core\Refusal;
use Core\RefusalKind;

/** What a row says of its cell. */
enum RowState: string
{
    case Made = 'made';
    case LeftOut = 'left out';
    case Retired = 'retired';

    /** @throws Refusal */
    public static function read(string $typed): self
    {
        $word = trim(mb_strtolower($typed));

        return self::tryFrom($word) ??
            match ($word) {
                '', 'active', 'on offer', 'on sale', 'yes', 'y', '1', 'true' => self::Made,
                'not sold', 'no', 'n', '0', 'false' => self::LeftOut,
                'inactive', 'discontinued' => self::Retired,
                default => throw new Refusal(
                    "“{$typed}” is no state of a SKU. Write made, left out or retired.",
                    RefusalKind::Unreadable,
                ),
            };
    }

    public static function ofSku(SkuState $state): self
    {
        return $state === SkuState::Made ? self::Made : self::Retired;
    }
}
