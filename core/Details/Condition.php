<?php

declare(strict_types=1);

namespace Core\Details;

/** In what state goods are sold. */
enum Condition: string
{
    case AsNew = 'new';
    case Renewed = 'renewed';
    case Used = 'used';
    case Damaged = 'damaged';

    /** As schema.org calls it. */
    public function schemaName(): string
    {
        return match ($this) {
            self::AsNew => 'NewCondition',
            self::Renewed => 'RefurbishedCondition',
            self::Used => 'UsedCondition',
            self::Damaged => 'DamagedCondition',
        };
    }
}
