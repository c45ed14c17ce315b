<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\Condition;
use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Details\UnreadableDetail;
use Core\Pricing\Currency;

/** Whether it is new, used or refurbished. */
final readonly class ConditionDetail implements DetailType
{
    use UsualDetail;

    public function label(): string
    {
        return 'Condition';
    }

    public function section(): DetailSection
    {
        return DetailSection::Shoppers;
    }

    /** @throws UnreadableDetail */
    public function read(array $typed, Currency $currency): string
    {
        $condition = $typed[0];

        return Condition::tryFrom(mb_strtolower($condition))->value ?? throw UnreadableDetail::noCondition($condition);
    }

    public function inputs(string $kept, Currency $currency): array
    {
        $options = ['' => 'Not said'];
        foreach (Condition::cases() as $condition) {
            $options[$condition->value] = ucfirst($condition->value);
        }

        return [new DetailInput($this->label(), $kept, 'select', options: $options)];
    }

    public function term(string $kept, Currency $currency): string
    {
        return $kept;
    }
}
